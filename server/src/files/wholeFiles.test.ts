import type { Pot } from '@yellow-ledger/core';
import { samplePots } from '../demo/samplePots';
import { sampleRecipes } from '../demo/sampleRecipes';
import { testApp } from '../testApp';

let server: Awaited<ReturnType<typeof testApp>>;
let other: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  server = await testApp();
  other = await testApp();
  await server.post('/api/demo/sample', {}).expect(204);
});
afterEach(async () => {
  await server.close();
  await other.close();
});

const everything = async (from = server) =>
  JSON.parse((await from.get('/api/files/everything').expect(200)).text);

test('a shelf goes out and comes into an empty ledger', async () => {
  const file = JSON.parse((await server.get('/api/files/shelf').expect(200)).text);
  expect(file.recipes).toEqual([]);
  const { body } = await other.post('/api/files', file).expect(200);
  expect(body).toMatchObject({ potsAdded: samplePots.length, potsKept: 0, recipes: [] });
});

test('the recipes in use go out with the pots they draw from, and no others', async () => {
  const kept = (await server.get('/api/recipes/reed-cloak')).body;
  const archived = { content: { ...kept.content, archived: true }, revision: 1 };
  await server.put('/api/recipes/reed-cloak', archived).expect(200);
  const file = JSON.parse((await server.get('/api/files/recipes').expect(200)).text);
  expect(file.recipes).toHaveLength(sampleRecipes.length - 1);
  expect(file.recipes.map(({ id }: { id: string }) => id)).not.toContain('reed-cloak');
  expect(file.pots.length).toBeLessThan(samplePots.length);
  const { body } = await other.post('/api/files', file).expect(200);
  expect(body.recipes).toHaveLength(sampleRecipes.length - 1);
});

test('everything, with versions and the palette, comes back in another ledger', async () => {
  await server.put('/api/recipes/reed-cloak/versions/1', { note: 'first', revision: 1 });
  const well = {
    id: 'w',
    name: 'Well 1',
    pots: [{ potId: 'peat', ml: 0.3 }],
    waterMl: 0,
    mediumMl: 0,
    freshAt: '2026-03-01T18:00:00.000Z',
  };
  const content = { id: 'table', name: 'My table', keeping: 'damp', wells: [well] };
  await server.put('/api/palettes/table', { content, revision: 0 }).expect(200);
  const file = await everything();
  expect(file.versions).toHaveLength(1);
  await other.post('/api/files', file).expect(200);
  expect(await everything(other)).toEqual(file);
  // A second time it changes nothing, and makes no copies.
  const again = await other.post('/api/files', file).expect(200);
  expect(again.body).toMatchObject({
    recipes: [],
    potsAdded: 0,
    leftOut: [],
  });
  expect(await everything(other)).toEqual(file);
});

test('a file of a newer minor version goes through a ledger and loses nothing', async () => {
  const file = await everything();
  file.minor = 9;
  file.diary = [{ id: 'levy' }];
  file.pots[3].lot = 'B12';
  file.recipes[1].steps[0].glow = { strength: 2 };
  await other.post('/api/files', file).expect(200);
  const out = await everything(other);
  expect(out).toEqual(file);
  // The pot is edited here; what came with it stays with it.
  const { content, revision } = (await other.get(`/api/pots/${file.pots[3].id}`)).body;
  await other.put(`/api/pots/${content.id}`, { content: { ...content, volumeMl: 3 }, revision });
  const pot = (await everything(other)).pots.find((each: Pot) => each.id === content.id);
  expect(pot).toMatchObject({ lot: 'B12', volumeMl: 3 });
});

test('a part of a newer file that is here already and differs is left out, and named', async () => {
  const file = { ...(await everything()), minor: 9, diary: [{ id: 'levy' }] };
  await other.post('/api/files', file).expect(200);
  const { body } = await other.post('/api/files', { ...file, diary: [] }).expect(200);
  expect(body.leftOut).toEqual(['diary']);
});

test('whatever is here already and says something else is left out, and named', async () => {
  const at = '2026-03-01T18:00:00.000Z';
  const bench = {
    id: 'table',
    name: 'On the table',
    startedAt: at,
    isCleared: false,
    armyId: 'lanternfen-levy',
    models: [],
    room: 'usual',
    keeping: 'damp',
    hairDryer: false,
  };
  await server.put('/api/benches/table', { content: bench, revision: 0 }).expect(200);
  const strike = { kind: 'strike', id: 's', benchId: 'table', at, order: 0, of: 'nothing' };
  await server.post('/api/log', { entries: [strike] }).expect(200);
  await server.put('/api/recipes/reed-cloak/versions/1', { note: 'first', revision: 1 });
  const file = await everything();
  await other.post('/api/files', file).expect(200);
  file.benches[0].name = 'Elsewhere';
  file.armies[0].notes = 'Changed';
  file.log[0].order = 7;
  file.versions[0].note = 'another first';
  const { body } = await other.post('/api/files', file).expect(200);
  expect(body.leftOut).toEqual([
    'the army “Lanternfen Levy”',
    'the bench “Elsewhere”',
    'version 1 of “Reed cloak, three tones”',
    '1 entry of the log',
  ]);
});

describe('many pots in one go', () => {
  const fresh = (id: string): Pot => ({ ...samplePots[10], id, name: id });
  const write = (writes: object[]) => server.post('/api/pot-batches', { writes });

  test('go in together', async () => {
    const { body } = await write([
      { content: fresh('one'), revision: 0 },
      { content: { ...samplePots[10], volumeMl: 2 }, revision: 1 },
    ]).expect(200);
    expect(body.items.map(({ revision }: { revision: number }) => revision)).toEqual([1, 2]);
  });

  test('when one has moved on none goes in, and it is named', async () => {
    const writes = [
      { content: fresh('one'), revision: 0 },
      { content: samplePots[10], revision: 9 },
    ];
    const refused = await write(writes).expect(409);
    expect(refused.body.error.message).toContain(samplePots[10].name);
    await server.get('/api/pots/one').expect(404);
  });

  test('5,000 of them fit; 5,001 are refused with the limit', async () => {
    const many = (count: number) =>
      Array.from({ length: count }, (_, i) => ({ content: fresh(`p${i}`), revision: 0 }));
    await write(many(5000)).expect(200);
    const refused = await write(many(5001)).expect(400);
    expect(refused.body.error.message).toMatch(/at most 5,000 pots at once/);
  });
});
