import pino from 'pino';
import request from 'supertest';
import { createApp } from './app';
import { openLedger } from './db/ledger';
import { newDatabaseFile, openTestDatabase } from './db/testDatabase';

/** A server over a new database file, for tests; closed by the test that opened it. */
export async function testApp() {
  const file = newDatabaseFile();
  const db = await openTestDatabase(file);
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
