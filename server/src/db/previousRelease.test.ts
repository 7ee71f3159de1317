import { copyFileSync, mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { asLeft, onFigures, surfaceKey, tickedOn, type LogEntry } from '@yellow-ledger/core';
import BetterSqlite3 from 'better-sqlite3';
import { openDatabase } from './openDatabase';
import { openLedger, type Ledger } from './ledger';

// Written by the release before plans and ticks moved into the log, with every kind of record.
const fixture = join(__dirname, 'fixtures/before-timetables.sqlite');

let folder: string;
let ledger: Ledger;
const copies: string[] = [];

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'yellow-ledger-'));
  copyFileSync(fixture, join(folder, 'ledger.sqlite'));
  ledger = openLedger(
    await openDatabase(join(folder, 'ledger.sqlite'), (copy) => copies.push(copy)),
    join(folder, 'ledger.sqlite'),
  );
});
afterAll(() => ledger.db.destroy());

const before = <Row>(query: string) => {
  const db = new BetterSqlite3(fixture, { readonly: true });
  const rows = db.prepare<[], Row>(query).all();
  db.close();
  return rows;
};
const contentsBefore = (table: string) =>
  before<{ content: string }>(`select content from ${table}`).map(
    ({ content }) => JSON.parse(content) as unknown,
  );

test.each(['recipes', 'palettes', 'benches'] as const)('%s read as they were', async (name) => {
  const kept = await ledger.records[name].list();
  expect(kept.map(({ content }) => content)).toEqual(contentsBefore(name));
  expect(kept.length).toBeGreaterThan(0);
});

test('versions, and parts of a newer file that were kept unread, are as they were', async () => {
  const [version] = await ledger.versions.all();
  expect(version).toMatchObject({ recipeId: 'cloak', number: 1, note: 'first' });
  expect(version.content).toEqual(contentsBefore('versions')[0]);
  expect(await ledger.sections.list()).toEqual([
    { name: 'diary', since: 5, value: [{ id: 'wet' }] },
  ]);
  const pots = await ledger.records.pots.list();
  expect(pots.find(({ content }) => content.id === 'peatmoss')?.content.more).toEqual([
    { at: ['lot'], value: 'B12', since: 5 },
  ]);
});

test('every entry is in the log as it was, and nothing is drawn from the pots again', async () => {
  const all = await ledger.log.all();
  const was = contentsBefore('log_entries') as LogEntry[];
  expect(all.slice(0, was.length)).toEqual(was);
  const wasLeft = new Map(
    (contentsBefore('pots') as { id: string; volumeMl: number | null }[]).map((pot) => [
      pot.id,
      pot.volumeMl,
    ]),
  );
  for (const kept of await ledger.records.pots.list())
    expect([kept.content.id, asLeft(kept).volumeMl]).toEqual([
      kept.content.id,
      wasLeft.get(kept.content.id),
    ]);
});

test('what was painted by the plan stands in the log, with its paint and its time', async () => {
  const figures = onFigures(await ledger.log.all());
  const on = figures.get(surfaceKey('watch', 'cape', 3));
  expect(on?.coats.get('base')?.map(({ coat, at, benchId }) => [coat, at, benchId])).toEqual([
    [1, '2026-11-19T18:30:00.000Z', 'levy'],
  ]);
  // On models the bench has noted too, the coat is there once.
  expect(figures.get(surfaceKey('watch', 'cape', 1))?.coats.get('base')).toHaveLength(2);
});

test('parts that were ticked off by their number are ticked off on so many models', async () => {
  const ticks = (await ledger.log.all()).flatMap((entry) => (entry.kind === 'tick' ? [entry] : []));
  expect([...(tickedOn('watch', ticks).get('buckles') ?? [])].sort()).toEqual([1, 2, 3]);
});

test('what names a line that is gone is put by with its army, and goes out again in its place', async () => {
  const [{ content }] = await ledger.records.armies.list();
  expect(content.plans?.[0]).not.toHaveProperty('done');
  expect(content.more).toEqual([
    {
      at: ['plans', 'winter', 'done'],
      since: 2,
      value: [
        {
          unitId: 'watch',
          surfaceId: 'belt',
          stepId: 'gone-line',
          coat: 1,
          models: [4],
          at: '2026-11-19T19:00:00.000Z',
        },
      ],
    },
  ]);
});

test('before it was brought over it was copied, and the copy is named and whole', () => {
  expect(copies).toHaveLength(1);
  expect(readdirSync(folder).map((name) => join(folder, name))).toContain(copies[0]);
  const copy = new BetterSqlite3(copies[0], { readonly: true });
  expect(copy.prepare('select content from armies').all()).toEqual(
    before('select content from armies'),
  );
  copy.close();
});

test('opened once more, it is neither copied nor changed', async () => {
  const again: string[] = [];
  const count = async () => (await ledger.log.all()).length;
  const entries = await count();
  const db = await openDatabase(join(folder, 'ledger.sqlite'), (copy) => again.push(copy));
  expect(again).toEqual([]);
  expect(await count()).toBe(entries);
  await db.destroy();
});
