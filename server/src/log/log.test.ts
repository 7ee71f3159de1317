import { asLeft, type CoatEntry, type LogEntry, type Pot } from '@yellow-ledger/core';
import { openDatabase } from '../db/openDatabase';
import { samplePots } from '../demo/samplePots';
import { testApp } from '../testApp';

let server: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  server = await testApp();
  await server.post('/api/demo/sample', {}).expect(204);
});
afterEach(() => server.close());

const peat = samplePots[10];

const coat = (id: string, order: number, more: Partial<CoatEntry> = {}): CoatEntry => ({
  kind: 'coat',
  id,
  benchId: 'table',
  at: '2026-03-01T18:00:00.000Z',
  order,
  where: { armyId: null, unitId: 'u', surfaceId: 's', models: [1] },
  recipeId: 'reed-cloak',
  recipeName: 'Reed cloak',
  groundPotId: peat.id,
  version: null,
  stepId: 'base',
  line: 1,
  stage: 'base',
  technique: 'brushCoat',
  placement: { from: 0, to: 1, softness: 0, pull: 'even' },
  coat: order + 1,
  brushed: { pots: [{ potId: peat.id, share: 1 }], waterParts: 0, mediumParts: 0 },
  differs: [],
  minutes: 4,
  reckoned: 3,
  dryMinutes: 20,
  areaCm2: 10,
  used: [{ potId: peat.id, ml: 0.5 }],
  ...more,
});
const strike = {
  kind: 'strike',
  id: 's',
  benchId: 'table',
  at: '2026-03-01T18:00:00.000Z',
  order: 2,
} as const;
const write = (...entries: LogEntry[]) => server.post('/api/log', { entries });
const written = async (query = '') => (await server.get(`/api/log${query}`).expect(200)).body.items;
const left = async (id = peat.id) =>
  asLeft((await server.get(`/api/pots/${id}`).expect(200)).body).volumeMl;

test('entries come back in the order they were written, and only those that are new', async () => {
  await write(coat('a', 0), coat('b', 1)).expect(200);
  await write(coat('c', 2, { benchId: 'other' })).expect(200);
  const all = await written();
  expect(all.map(({ entry }: { entry: LogEntry }) => entry.id)).toEqual(['a', 'b', 'c']);
  expect(all[0].entry).toEqual(coat('a', 0));
  const later = await written(`?after=${all[1].sequence}`);
  expect(later.map(({ entry }: { entry: LogEntry }) => entry.id)).toEqual(['c']);
});

test('what was used is drawn from the pot once, however often it is sent', async () => {
  const before = (await left()) ?? 0;
  const { body } = await write(coat('a', 0)).expect(200);
  expect(body.pots).toMatchObject([{ content: { id: peat.id, volumeMl: before }, usedMl: 0.5 }]);
  const again = await write(coat('a', 0), coat('b', 1)).expect(200);
  expect(again.body.pots).toHaveLength(1);
  expect(await left()).toBeCloseTo(before - 1, 6);
});

test('as many entries as may be sent at once are written and drawn, and go into another ledger', async () => {
  const other = samplePots[11];
  const used = [
    { potId: peat.id, ml: 0.001 },
    { potId: other.id, ml: 0.001 },
  ];
  const on = (model: number) => ({
    coat: 1,
    where: { armyId: null, unitId: 'u', surfaceId: 's', models: [1 + model] },
  });
  const many = Array.from({ length: 500 }, (_, i) => coat(`m${i}`, i, { used, ...on(i) }));
  const { pots } = (await write(...many).expect(200)).body as { pots: { usedMl: number }[] };
  expect(pots).toHaveLength(2);
  for (const { usedMl } of pots) expect(usedMl).toBeCloseTo(0.5);
  const second = Array.from({ length: 500 }, (_, i) =>
    coat(`n${i}`, 500 + i, { used, ...on(500 + i) }),
  );
  await write(...second).expect(200);
  const file = JSON.parse((await server.get('/api/files/everything').expect(200)).text);
  const elsewhere = await testApp();
  await elsewhere.post('/api/files', file).expect(200);
  expect((await elsewhere.get('/api/log')).body.items).toHaveLength(1000);
  await elsewhere.close();
});

test('a coat that is struck out, or that two have noted, is not drawn', async () => {
  const before = (await left()) ?? 0;
  await write(coat('a', 0), coat('twin', 1, { coat: 1 })).expect(200);
  expect(await left()).toBeCloseTo(before - 0.5, 6);
  await write({ ...strike, of: 'a' }).expect(200);
  expect(await left()).toBeCloseTo(before - 0.5, 6);
  await write({ ...strike, id: 's2', order: 3, of: 'twin' }).expect(200);
  expect(await left()).toBeCloseTo(before, 6);
});

test('a coat whose pot is gone is struck all the same, and the pot is full when it is put back', async () => {
  const content: Pot = { ...peat, id: 'passing', name: 'Passing', volumeMl: 10 };
  await server.put('/api/pots/passing', { content, revision: 0 }).expect(200);
  const used = [{ potId: 'passing', ml: 2 }];
  await write(coat('a', 0, { used }), coat('b', 1, { used })).expect(200);
  expect(await left('passing')).toBe(6);
  await server.remove('/api/pots/passing?revision=1').expect(204);
  expect((await write({ ...strike, of: 'a' }).expect(200)).body.pots).toEqual([]);
  await server.put('/api/pots/passing', { content, revision: 0 }).expect(200);
  expect(await left('passing')).toBe(8);
});

test('a correction by a clock that was set back counts from when it was written', async () => {
  const before = (await left()) ?? 0;
  await write(coat('a', 0)).expect(200);
  const early = '2026-02-28T09:00:00.000Z';
  await write(
    { kind: 'strike', id: 's', benchId: 'table', at: early, order: 1, of: 'a' },
    coat('a2', 2, { at: early, coat: 1, used: [{ potId: peat.id, ml: 0.2 }] }),
  ).expect(200);
  expect(await left()).toBeCloseTo(before - 0.2, 6);
});

test('a pot runs empty and no further; one nobody has looked into stays unknown', async () => {
  await write(coat('a', 0, { used: [{ potId: peat.id, ml: 9999 }] })).expect(200);
  expect(await left()).toBe(0);
  const pot = (await server.get(`/api/pots/${peat.id}`)).body;
  await server
    .put(`/api/pots/${peat.id}`, {
      ...{ content: { ...pot.content, volumeMl: null } },
      revision: pot.revision,
    })
    .expect(200);
  await write(coat('b', 1)).expect(200);
  expect(await left()).toBeNull();
});

test('another entry under a known identifier is refused, and with it the whole of what was sent', async () => {
  await write(coat('a', 0)).expect(200);
  const refused = await write(coat('b', 1), coat('a', 0, { minutes: 5 })).expect(409);
  expect(refused.body.error.message).toContain('another entry with the identifier a');
  expect(await written()).toHaveLength(1);
});

test('what is no entry is refused with its field, its value and what would be right', async () => {
  const { body } = await server
    .post('/api/log', { entries: [{ ...coat('a', 0), minutes: -3 }] })
    .expect(400);
  expect(body.error.message).toMatch(/minutes.*-3/);
  await server.get('/api/log?after=soon').expect(400);
  await server.post('/api/log', { entries: [] }).expect(400);
});

test('a log goes out with everything and comes into another ledger, where nothing is drawn again', async () => {
  await write(coat('a', 0)).expect(200);
  const file = JSON.parse((await server.get('/api/files/everything').expect(200)).text);
  expect(file.log).toEqual([coat('a', 0)]);
  const other = await testApp();
  try {
    await other.post('/api/files', file).expect(200);
    await other.post('/api/files', file).expect(200);
    const out = JSON.parse((await other.get('/api/files/everything').expect(200)).text);
    expect(out.log).toEqual(file.log);
    expect(out.pots).toEqual(file.pots);
  } finally {
    await other.close();
  }
});

test('painting leaves the record of a pot alone, so that an edit of it can still be undone', async () => {
  const { body: before } = await server.get(`/api/pots/${peat.id}`).expect(200);
  await write(coat('a', 0)).expect(200);
  const { body: after } = await server.get(`/api/pots/${peat.id}`).expect(200);
  expect(after.revision).toBe(before.revision);
  expect(after.content).toEqual(before.content);
});

test('what was painted before a pot was measured is no longer taken off it', async () => {
  await write(coat('a', 0)).expect(200);
  const { content, revision } = (await server.get(`/api/pots/${peat.id}`).expect(200)).body;
  const measured = { ...content, volumeMl: 5, measuredAt: '2026-03-01T19:00:00.000Z' };
  const { body } = await server.put(`/api/pots/${peat.id}`, { content: measured, revision });
  expect(body.usedMl).toBeUndefined();
  await write(coat('b', 1, { at: '2026-03-01T20:00:00.000Z' })).expect(200);
  expect(await left()).toBe(4.5);
  const { body: all } = await server.get('/api/pots').expect(200);
  const listed = all.items.find(({ content: { id } }: { content: Pot }) => id === peat.id);
  expect(asLeft(listed).volumeMl).toBe(4.5);
});

test('one coat noted at two benches of an army is drawn once', async () => {
  const where = { armyId: 'levy', unitId: 'u', surfaceId: 's', models: [1] };
  const before = (await left()) ?? 0;
  await write(coat('a', 0, { where }), coat('b', 1, { where, coat: 1, benchId: 'other' }));
  expect(await left()).toBeCloseTo(before - 0.5, 6);
});

test('one entry twice in one post is written once; two of one identifier are refused', async () => {
  await write(coat('a', 0), coat('a', 0)).expect(200);
  expect(await written()).toHaveLength(1);
  const { body } = await write(coat('b', 1), coat('b', 2)).expect(409);
  expect(body.error.code).toBe('entry-taken');
  expect(await written()).toHaveLength(1);
});

test('a log of many pages is sent whole, with what nobody can read of it', async () => {
  const entries = Array.from({ length: 500 }, (_, i) => coat(`e${i}`, i, { coat: 1 }));
  for (const part of [0, 1, 2])
    await server
      .post('/api/log', { entries: entries.map((each) => ({ ...each, id: `${part}-${each.id}` })) })
      .expect(200);
  const db = await openDatabase(server.file);
  await db('log_entries').where({ id: '1-e7' }).update({ content: '{"half' });
  await db.destroy();
  const { items, damaged } = (await server.get('/api/log').expect(200)).body;
  expect(items).toHaveLength(1499);
  expect(damaged).toMatchObject([{ id: '1-e7' }]);
});
