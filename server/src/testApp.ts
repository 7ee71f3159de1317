import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import request from 'supertest';
import { createApp } from './app';
import { openLedger } from './db/ledger';
import { openDatabase } from './db/openDatabase';

/** A server over a new database file, for tests; closed by the test that opened it. */
export async function testApp() {
  const file = join(mkdtempSync(join(tmpdir(), 'yellow-ledger-')), 'ledger.sqlite');
  const db = await openDatabase(file);
  const app = createApp({ ledger: openLedger(db, file), log: pino({ level: 'silent' }) });
  const local = (asked: request.Test) => asked.set('Host', 'localhost');
  return {
    file,
    get: (path: string) => local(request(app).get(path)),
    put: (path: string, body: object) => local(request(app).put(path)).send(body),
    post: (path: string, body: object) => local(request(app).post(path)).send(body),
    send: (path: string, type: string, bytes: Buffer) =>
      local(request(app).post(path)).set('Content-Type', type).send(bytes),
    remove: (path: string) => local(request(app).delete(path)),
    close: () => db.destroy(),
  };
}
