import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import request from 'supertest';
import { createApp } from '../app';
import { openLedger } from '../db/ledger';
import { openDatabase } from '../db/openDatabase';
import { samplePots } from '../demo/samplePots';
import { sampleRecipes } from '../demo/sampleRecipes';
import { testApp } from '../testApp';
import { restore } from './restore';

async function open() {
  const server = await testApp();
  await server.post('/api/demo/sample', {}).expect(204);
  const db = await openDatabase(server.file);
  const backupFolder = mkdtempSync(join(tmpdir(), 'yellow-ledger-backups-'));
  const backups = { folder: backupFolder, isDaily: true };
  const app = createApp({
    ledger: openLedger(db, server.file),
    log: pino({ level: 'silent' }),
    backups,
  });
  return {
    backupFolder,
    backups,
    get: (path: string) => request(app).get(`/api/backups${path}`).set('Host', 'localhost'),
    make: () => request(app).post('/api/backups').set('Host', 'localhost'),
    close: async () => {
      await db.destroy();
      await server.close();
    },
  };
}

test('one is made now, listed with what it holds, taken along, and comes back', async () => {
  const { backupFolder, backups, get, make, close } = await open();
  expect((await get('/').expect(200)).body).toEqual({ ...backups, items: [] });
  const { body: made } = await make().expect(201);
  expect(made.counts).toMatchObject({
    pot: samplePots.length,
    recipe: sampleRecipes.length,
    army: 1,
  });
  expect(made.bytes).toBeGreaterThan(50_000);
  expect((await get('/').expect(200)).body.items).toEqual([made]);
  const taken = await get(`/${made.name}`).buffer(true).parse(bytes).expect(200);
  const file = join(backupFolder, 'taken-along');
  writeFileSync(file, taken.body as Buffer);
  const { counts } = await restore(file, join(backupFolder, 'ledger.sqlite'));
  expect(counts.pot).toBe(samplePots.length);
  await close();
});

test.each(['../ledger.sqlite', '..%2f..%2fetc%2fpasswd', 'ledger.sqlite', '%00'])(
  'nothing but backups is given out: %s',
  async (name) => {
    const { get, close } = await open();
    expect([400, 404]).toContain((await get(`/${name}`)).status);
    await close();
  },
);

test('a file of that name that is no database is listed without counts', async () => {
  const { backupFolder, get, close } = await open();
  writeFileSync(join(backupFolder, 'ledger-2026-01-01T00-00-00Z.sqlite'), 'no database');
  const { body } = await get('/').expect(200);
  expect(body.items).toMatchObject([{ counts: {}, bytes: 11 }]);
  await close();
});

const bytes: Parameters<request.Test['parse']>[0] = (response, done) => {
  const parts: Buffer[] = [];
  response.on('data', (part: Buffer) => parts.push(part));
  response.on('end', () => done(null, Buffer.concat(parts)));
};
