import { type LogEntry, likeNeighbours, pinOf, planBatch, shelfOf } from '@yellow-ledger/core';
import { sampleArmy } from './sampleArmy';
import { samplePots } from './samplePots';
import { sampleRecipes } from './sampleRecipes';
import { testApp } from '../testApp';

let server: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  server = await testApp();
});
afterEach(() => server.close());

const put = (content: object, revision = 0) =>
  server.put('/api/armies/lanternfen-levy', { content, revision });

test('an army is kept, and a stale write is refused with what is there', async () => {
  await put(sampleArmy).expect(200);
  const stale = await put({ ...sampleArmy, name: 'Mine' }).expect(409);
  expect(stale.body.error.current.content).toEqual(sampleArmy);
});

test.each([0, 10_000, 1.5])(
  'a unit of %d models is refused, and the field is named',
  async (models) => {
    const [first, ...others] = sampleArmy.units;
    const refused = await put({ ...sampleArmy, units: [{ ...first, models }, ...others] }).expect(
      400,
    );
    expect(refused.body.error.message).toBe(
      `content.units.0.models is ${models}; it should be a whole number from 1 to 2,000.`,
    );
  },
);

test('a recipe may be deleted under a scheme: the army is still there', async () => {
  await server.post('/api/demo/sample', {}).expect(204);
  await server.remove('/api/recipes/reed-cloak?revision=1').expect(204);
  const kept = await server.get('/api/armies/lanternfen-levy').expect(200);
  expect(kept.body.content).toEqual(sampleArmy);
});

test('the sample army has at least five units and 60 models, each surface with a share', () => {
  expect(sampleArmy.units.length).toBeGreaterThanOrEqual(5);
  expect(sampleArmy.units.reduce((sum, { models }) => sum + models, 0)).toBeGreaterThanOrEqual(60);
  for (const { surfaces } of sampleArmy.units)
    expect(surfaces.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
});

test('the twenty cloaks of the watch are dealt: four kinds, no neighbours alike', () => {
  const [watch] = sampleArmy.units;
  expect(watch.models).toBe(20);
  expect(likeNeighbours(sampleArmy, watch)).toEqual([]);
  const mantle = watch.surfaces.find(({ variants }) => variants)!;
  const dealt = Array.from(
    { length: 20 },
    (_, i) => pinOf(sampleArmy, mantle, watch, i + 1)!.recipeId,
  );
  expect(new Set(dealt).size).toBe(4);
});

test.each(sampleArmy.plans!)('the plan “$name” has room for all it plans', (batch) => {
  const recipeOf = ({ recipeId }: { recipeId: string }) =>
    sampleRecipes.find(({ id }) => id === recipeId);
  const tries = planBatch(sampleArmy, batch, recipeOf, shelfOf(samplePots));
  let next = tries.next();
  // As soon as one try holds all of it, all of it has room.
  while (!next.done && next.value.plan().left > 0) next = tries.next();
  const plan = next.done ? next.value : next.value.plan();
  expect(plan.left).toBe(0);
  expect(plan.without).toEqual([]);
});

describe('a plan that cannot be', () => {
  const plan = sampleArmy.plans!.at(-1)!;
  const [first, second] = plan.painters;
  const claim = (from: number, to: number) => [{ unitId: 'dike-watch', from, to }];

  test.each([
    [
      'a session of no minutes',
      { sessions: [{ ...plan.sessions[0], minutes: 0 }] },
      'sessions.0.minutes is 0; it should be a whole number from 1 to 1,440.',
    ],
    [
      'a session at no time',
      { sessions: [{ ...plan.sessions[0], startsAt: 'Thursday' }] },
      'sessions.0.startsAt is "Thursday"; it should be a moment, as 2026-03-01T18:00:00Z.',
    ],
    [
      'two who claim one model',
      {
        painters: [
          { ...first, claims: claim(1, 9) },
          { ...second, claims: claim(9, 20) },
        ],
      },
      'model 9 would be painted by both',
    ],
    [
      'models in the wrong order',
      { painters: [{ ...first, claims: claim(9, 1) }] },
      'it should be a model no earlier in the line than the first.',
    ],
    ['nobody painting', { painters: [] }, 'at least one painter'],
    [
      'a painter of no speed',
      { painters: [{ ...first, speed: 0 }] },
      'painters.0.speed is 0; it should be a number from 0.2 to 5.',
    ],
  ])('of %s is refused, and the field is named', async (_what, part, message) => {
    await put(sampleArmy).expect(200);
    const refused = await put({ ...sampleArmy, plans: [{ ...plan, ...part }] }, 1).expect(400);
    expect(refused.body.error.message).toContain(message);
    const kept = await server.get('/api/armies/lanternfen-levy').expect(200);
    expect(kept.body).toMatchObject({ revision: 1, content: sampleArmy });
  });
});

test('plans and deals go through a file into another ledger; an older one’s notes into its log', async () => {
  await server.post('/api/demo/sample', {}).expect(204);
  const { text } = await server.get('/api/files/everything').expect(200);
  const older = JSON.parse(text);
  const [unit] = sampleArmy.units;
  const [surface] = unit.surfaces;
  const pin = pinOf(sampleArmy, surface, unit, 1);
  const painted = sampleRecipes.find(({ id }) => id === pin?.recipeId)!;
  older.minor = 2;
  older.armies[0].plans[0].done = [
    {
      unitId: unit.id,
      surfaceId: surface.id,
      stepId: painted.steps[0].id,
      coat: 1,
      models: [1],
      at: '2026-12-03T18:00:00Z',
    },
  ];
  older.armies[0].units[0].parts[0].doneOn = 2;
  const other = await testApp();
  await other.post('/api/files', older).expect(200);
  // A second time it is the same entries.
  await other.post('/api/files', older).expect(200);
  const there = await other.get('/api/armies/lanternfen-levy').expect(200);
  expect(there.body.content).toEqual(sampleArmy);
  const { items } = (await other.get('/api/log').expect(200)).body;
  const entries = items.map(({ entry }: { entry: LogEntry }) => entry);
  expect(entries).toMatchObject([
    { kind: 'coat', coat: 1, where: { armyId: 'lanternfen-levy', models: [1] } },
    { kind: 'tick', models: [1, 2], isTicked: true },
  ]);
  await other.close();
});
