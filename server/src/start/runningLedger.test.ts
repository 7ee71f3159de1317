import { existsSync, mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import pino from 'pino';
import request from 'supertest';
import { samplePots } from '../demo/samplePots';
import { addSample } from '../demo/addSample';
import type { LedgerWork } from '../work/ledgerWork';
import { workHere } from '../work/workHere';
import { RunningLedger } from './runningLedger';

const [pot, other] = samplePots;
const leftBehind = [
  'staging-5a6c6fd0-0000-4000-8000-000000000000',
  'staging-5a6c6fd0-0000-4000-8000-000000000000-journal',
  'taken-5a6c6fd0-0000-4000-8000-000000000000',
  'ledger.sqlite.restoring-2026-11-26T13-59-22-600Z',
  'ledger.sqlite.restoring-2026-11-26T13-59-22-600Z-wal',
  'ledger.sqlite.restoring-2026-11-26T13-59-22-600Z-journal',
];
let ledger: RunningLedger;
let work: LedgerWork;
/** how often it cannot be opened */
let failures = 0;
let folder: string;
let server: ReturnType<typeof createServer>;

beforeEach(async () => {
  failures = 0;
  folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-running-'));
  for (const name of leftBehind) writeFileSync(join(folder, name), 'left behind');
  ledger = new RunningLedger({
    databaseFile: join(folder, 'ledger.sqlite'),
    backupFolder: join(folder, 'backups'),
    webFolder: join(folder, 'none'),
    workOf: (opened, _gate, workFolder) => {
      if (failures-- > 0) throw new Error('not yet');
      return (work = workHere(opened, workFolder));
    },
    isDemo: true,
    log: pino({ level: 'silent' }),
    onCopy: () => undefined,
  });
  await ledger.open(addSample);
  server = createServer(ledger.listener);
});
afterEach(() => ledger.close());

const local = (asked: request.Test) => asked.set('Host', 'localhost');
const get = (path: string) => local(request(server).get(path));
const post = (path: string) => local(request(server).post(path));
const put = (path: string, content: object, revision: number) =>
  local(request(server).put(path)).send({ content, revision });

test('what a killed server left of a file it was taking in is gone', () => {
  expect(readdirSync(folder).filter((name) => leftBehind.includes(name))).toEqual([]);
});

test('a backup takes the ledger’s place while it is served, and nothing old fits any more', async () => {
  const path = `/api/pots/${pot.id}`;
  const { headers: before } = await get(path).expect(200);
  const { body: made } = await post('/api/backups').expect(201);
  const held = (await put(path, { ...pot, name: 'Written since' }, 1).expect(200)).body;
  await put('/api/pots/new', { ...other, id: 'new' }, 0).expect(200);
  await local(request(server).delete(`/api/armies/lanternfen-levy?revision=1`)).expect(204);

  const { body } = await post(`/api/backups/${made.name}/restored`).expect(200);
  expect(existsSync(body.replaced)).toBe(true);

  const { body: now, headers } = await get(path).expect(200);
  expect(now.content.name).toBe(pot.name);
  expect(headers['x-ledger']).toBe(before['x-ledger']);
  expect([before['x-ledger-restores'], headers['x-ledger-restores']]).toEqual(['0', '1']);
  // A page that still holds the earlier ledger writes over nothing.
  await put(path, { ...held.content, name: 'Old page' }, held.revision).expect(409);
  await put('/api/pots/new', { ...other, id: 'new', name: 'Old page' }, 1).expect(409);
  await get('/api/pots/new').expect(404);
  await get('/api/armies/lanternfen-levy').expect(200);
  await put(path, { ...pot, name: 'New page' }, now.revision).expect(200);
  expect(readdirSync(folder).filter((name) => name.includes('restoring'))).toEqual([]);
});

test('entries written after a backup took the place come after all that any page has seen', async () => {
  const entry = (id: string) => ({
    kind: 'strike',
    id,
    benchId: 'table',
    at: '2026-03-01T18:00:00.000Z',
    order: 0,
    of: 'nothing',
  });
  const write = (id: string) =>
    post('/api/log')
      .send({ entries: [entry(id)] })
      .expect(200);
  await write('before');
  const { body: made } = await post('/api/backups').expect(201);
  for (const id of ['one', 'two', 'three']) await write(id);
  const last = (await get('/api/log')).body.items.at(-1).sequence as number;
  await post(`/api/backups/${made.name}/restored`).expect(200);
  await write('after');
  const { items } = (await get('/api/log')).body;
  expect(items.map((item: { entry: { id: string } }) => item.entry.id)).toEqual([
    'before',
    'after',
  ]);
  expect(items[1].sequence).toBeGreaterThan(last);
});

test('a backup that is damaged changes nothing, and the ledger goes on', async () => {
  const { body: made } = await post('/api/backups').expect(201);
  writeFileSync(join(folder, 'backups', made.name), 'no database any more');
  const { body } = await post(`/api/backups/${made.name}/restored`).expect(422);
  expect(body.error).toMatchObject({ code: 'bad-backup' });
  await put(`/api/pots/${pot.id}`, { ...pot, name: 'Goes on' }, 1).expect(200);
  await post('/api/backups/ledger-2020-01-01T00-00-00Z.sqlite/restored').expect(404);
});

/** A download that nobody reads to its end. */
function openDownload() {
  let begun: () => void = () => undefined;
  const isBegun = new Promise<void>((done) => (begun = done));
  const isOver = work.atOneMoment(async (within, signal) => {
    await within('pots').first();
    begun();
    await new Promise((done) => signal.addEventListener('abort', done));
  });
  return { isBegun, isOver };
}

test('while a download is open, nothing that was saved is missing from the ledger kept beside', async () => {
  const { body: made } = await post('/api/backups').expect(201);
  const { isBegun, isOver } = openDownload();
  await isBegun;
  for (let i = 0; i < 20; i++)
    await put(`/api/pots/since-${i}`, { ...other, id: `since-${i}`, name: `Since ${i}` }, 0).expect(
      200,
    );
  const { body } = await post(`/api/backups/${made.name}/restored`).expect(200);
  await isOver;

  const kept = new Database(body.replaced, { readonly: true });
  const since = kept.prepare("select count(*) as has from pots where id like 'since-%'").get();
  kept.close();
  expect(since).toEqual({ has: 20 });
  await get('/api/pots/since-1').expect(404);
});

test('a ledger that another program reads is not replaced, and goes on', async () => {
  const { body: made } = await post('/api/backups').expect(201);
  const reader = new Database(join(folder, 'ledger.sqlite'), { readonly: true });
  reader.exec('begin');
  reader.prepare('select * from pots').all();
  await put('/api/pots/since', { ...other, id: 'since' }, 0).expect(200);
  const { body } = await post(`/api/backups/${made.name}/restored`).expect(422);
  expect(body.error.message).toContain('Another program is reading');
  reader.close();
  await get('/api/pots/since').expect(200);
  await put('/api/pots/since-2', { ...other, id: 'since-2' }, 0).expect(200);
  await post(`/api/backups/${made.name}/restored`).expect(200);
});

test('of two backups put in place at once the second is refused, and nothing fails', async () => {
  const { body: made } = await post('/api/backups').expect(201);
  const path = `/api/backups/${made.name}/restored`;
  const answers = await Promise.all([post(path), post(path)]);
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
  await get(`/api/pots/${pot.id}`).expect(200);
});

test('where it cannot be opened at first after a backup was put in place, it is tried again', async () => {
  const { body: made } = await post('/api/backups').expect(201);
  failures = 2;
  await post(`/api/backups/${made.name}/restored`).expect(200);
  await get(`/api/pots/${pot.id}`).expect(200);
});
