import { createServer, request } from 'node:http';
import type { AddressInfo } from 'node:net';
import pino from 'pino';
import { createApp } from '../app';
import { openLedger } from '../db/ledger';
import { newDatabaseFile, openTestDatabase } from '../db/testDatabase';
import { WriteGate } from './writeGate';

test.each(['/api/pictures', '/api/log', '/api/pots/p1', '/api/files'])(
  'while a body comes in slowly at %s, the gate can be closed and others write',
  async (path) => {
    const file = newDatabaseFile();
    const db = await openTestDatabase(file);
    const gate = new WriteGate();
    const app = createApp({ ledger: openLedger(db, file), log: pino({ level: 'silent' }), gate });
    const server = createServer(app);
    await new Promise<void>((open) => server.listen(0, '127.0.0.1', open));
    const { port } = server.address() as AddressInfo;

    const isHere = new Promise((come) => server.once('request', come));
    const type = path === '/api/pictures' ? 'image/jpeg' : 'application/json';
    const slow = request({
      port,
      path,
      method: path === '/api/pots/p1' ? 'PUT' : 'POST',
      headers: { 'Content-Type': type, 'Content-Length': 100_000 },
    });
    slow.on('error', () => undefined);
    slow.write('{');
    await isHere;
    await new Promise(setImmediate);

    const open = await gate.close();
    open();
    expect(await gate.through(async () => 'written')).toBe('written');

    slow.destroy();
    server.closeAllConnections();
    await new Promise((closed) => server.close(closed));
    await db.destroy();
  },
);
