import type { Batch } from '../army/batch';
import type { Army } from '../army/army';
import { mixOf, recipeWith, shelf, stepWith } from '../../../testing/sampleRecipe';
import { armyOf, batchOf, pinTo, surfaceOf, unitOf } from '../../../testing/sampleLevy';
import { batchWork } from './batchWork';
import { chosenModels } from './chosenModels';
import { reckonedDryMinutes } from './minutes/dryingTime';
import { paintedKey } from './paintedBefore';

const brown = { mix: mixOf({ brown: 2, bone: 1 }, { waterParts: 1 }) };
const coat = recipeWith(
  [
    stepWith({ id: 'base', ...brown, coats: 2, dryMinutes: 12 }),
    stepWith({
      id: 'wash',
      stage: 'shade',
      technique: 'allOverWash',
      mix: mixOf({ wash: 1 }),
      dryMinutes: 0,
    }),
    stepWith({ id: 'seal', stage: 'finish', mix: mixOf({ medium: 1 }) }),
  ],
  { id: 'coat' },
);
const cape = recipeWith([stepWith({ id: 'only', ...brown })], { id: 'cape' });
const recipeOf = ({ recipeId }: { recipeId: string }) =>
  [coat, cape].find(({ id }) => id === recipeId);
const levy = armyOf([
  unitOf({
    models: 3,
    surfaces: [
      surfaceOf({ id: 'coat', recipe: pinTo('coat') }),
      surfaceOf({ id: 'cape', recipe: pinTo('cape'), places: ['mantle'] }),
    ],
  }),
]);
const workOf = (part: Partial<Batch> = {}, army: Army = levy) =>
  batchWork(army, batchOf(part), recipeOf, shelf);

test('each surface of each model is a chain of coats, a body for each model', () => {
  const { work, models } = workOf();
  expect(models).toHaveLength(3);
  expect(work).toMatchObject({ models: 3, bodies: 3 });
  expect(work.chains.map(({ jobs }) => jobs.length)).toEqual([4, 4, 4, 1, 1, 1]);
});

test('the same paint in two recipes is one mix, and one that is longer to mix than a single pot', () => {
  const { work, mixes } = workOf();
  expect(mixes).toHaveLength(3);
  const [mixed, wash] = work.mixes;
  expect(mixed.isMixed).toBe(true);
  expect(wash.isMixed).toBe(false);
  expect(mixed.mixMinutes).toBeGreaterThan(wash.mixMinutes);
  expect(mixed.usableMinutes).toBeGreaterThan(60);
});

test('what dries is as the line says, or reckoned where it says nothing', () => {
  const [{ jobs }] = workOf().work.chains;
  expect(jobs[0].dry).toBe(12);
  expect(jobs[2].dry).toBe(reckonedDryMinutes(coat.steps[1]));
  expect(workOf({ hairDryer: true }).work.chains[0].jobs[0].dry).toBeCloseTo(4, 9);
});

test('a wash blocks the model; varnish waits for all else', () => {
  const [{ jobs }] = workOf().work.chains;
  expect(jobs.map(({ blocks }) => blocks)).toEqual([false, false, true, false]);
  expect(jobs.map(({ turn }) => turn)).toEqual([0, 0, 0, 1]);
});

test('a sub-assembly is a body of its own', () => {
  const [unit] = levy.units;
  const apart = armyOf([
    { ...unit, surfaces: [unit.surfaces[0], { ...unit.surfaces[1], subAssembly: 'cape' }] },
  ]);
  const { work } = workOf({}, apart);
  expect(work.bodies).toBe(6);
  expect(new Set(work.chains.map(({ body }) => body)).size).toBe(6);
});

test('a hidden surface gets its base, and models with their own recipe get that', () => {
  const [unit] = levy.units;
  const own = [{ model: 2, surfaceId: 'coat', recipe: pinTo('cape') }];
  const hidden = { ...unit.surfaces[1], recipe: pinTo('coat'), isHidden: true };
  const { work, runs } = workOf(
    {},
    armyOf([{ ...unit, own, surfaces: [unit.surfaces[0], hidden] }]),
  );
  expect(work.chains.map(({ jobs }) => jobs.length)).toEqual([4, 4, 1, 2, 2, 2]);
  expect(runs.filter(({ recipeId }) => recipeId === 'cape')).toHaveLength(1);
});

test('only the chosen models are painted, each once, and none that are not there', () => {
  const models = [
    { unitId: 'watch', from: 2, to: 9 },
    { unitId: 'watch', from: 3, to: 3 },
  ];
  expect(chosenModels({ models }, levy.units[0])).toEqual([2, 3]);
  expect(workOf({ models }).models).toEqual([
    { unitId: 'watch', number: 2 },
    { unitId: 'watch', number: 3 },
  ]);
});

test('coats that are done are left out, and what they left wet is waited for', () => {
  const driesAt = Date.parse('2026-03-05T18:06:00Z');
  const on = { coats: new Set(['base 1']), driesAt, holdsBody: false };
  const painted = new Map([1, 3].map((model) => [paintedKey('watch', 'coat', model), on]));
  const { work } = batchWork(levy, batchOf(), recipeOf, shelf, painted);
  const [first, second, third] = work.chains.filter(({ jobs }) => jobs.length > 1);
  expect([first, second, third].map(({ jobs }) => jobs.length)).toEqual([3, 4, 3]);
  expect([first, second, third].map(({ readyAt }) => readyAt)).toEqual([6, 0, 6]);
});

test('claims are kept by hand, sessions by time, and who does not come is not there', () => {
  const painters = [
    { id: 'ann', name: 'Ann', speed: 1, claims: [{ unitId: 'watch', from: 3, to: 3 }] },
    { id: 'bob', name: 'Bob', speed: 2, claims: [] },
  ];
  const sessions = [
    { id: 'late', startsAt: '2026-03-12T18:00:00Z', minutes: 60 },
    { id: 'early', startsAt: '2026-03-05T18:00:00Z', minutes: 90, without: ['bob'] },
  ];
  const { hands, sittings, sessionIds } = workOf({ painters, sessions });
  expect(sessionIds).toEqual(['early', 'late']);
  expect(sittings).toEqual([
    { from: 0, to: 90, hands: [0] },
    { from: 7 * 24 * 60, to: 7 * 24 * 60 + 60, hands: [0, 1] },
  ]);
  expect([...hands[0].claims]).toEqual([2]);
  expect(hands[1].speed).toBe(2);
});
