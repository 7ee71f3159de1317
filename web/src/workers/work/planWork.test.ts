import { batch, coat, levy, levyWith, pots, skin } from '../../testing/levy';
import { fakeLedger } from '../../testing/fakeLedger';
import { planWork } from './planWork';
import { takeShelf } from './shelfInHand';

beforeEach(() => {
  takeShelf(pots);
  fakeLedger([coat, skin]);
});
afterEach(() => jest.restoreAllMocks());
const quiet = () => undefined;

test('a batch is planned through, and told with the names of what is in it', async () => {
  const planned = await planWork.planBatch(levy, batch, quiet);
  expect(planned).toMatchObject({ problem: null, isThrough: true });
  expect(planned?.plan?.left).toBe(0);
  expect(planned?.recipeNames.coat).toBe('Recipe of coat');
  expect(planned?.lineNumbers['coat edge']).toBe(2);
});

test('progress rises towards 1 while it plans', async () => {
  const told: number[] = [];
  await planWork.planBatch(levyWith({ models: 160 }), longEvening, (done) => void told.push(done));
  expect(told.length).toBeGreaterThan(0);
  expect(told).toEqual([...told].sort((one, other) => one - other));
  expect(told.every((done) => done > 0 && done <= 1.05)).toBe(true);
});

test('asked anew, what is being planned is given up', async () => {
  const first = planWork.planBatch(levyWith({ models: 40 }), longEvening, quiet);
  const second = planWork.planBatch(levy, batch, quiet);
  expect(await first).toBeNull();
  expect((await second)?.plan?.left).toBe(0);
});

test('stopped, it gives nothing', async () => {
  const planning = planWork.planBatch(levyWith({ models: 40 }), longEvening, quiet);
  planWork.stopPlanning();
  expect(await planning).toBeNull();
});

test('more than can be planned at once is a problem to be read, no fault', async () => {
  const units = Array.from({ length: 8 }, (_, i) => ({
    ...levy.units[0],
    id: `unit-${i}`,
    models: 2000,
  }));
  const planned = await planWork.planBatch({ ...levy, units }, batch, quiet);
  expect(planned?.plan).toBeNull();
  expect(planned?.problem).toMatch(/coats are more than the 40,000 .*; plan fewer models together/);
});

test('what is no batch is refused', async () => {
  const { sessions } = batch;
  await expect(
    planWork.planBatch(levy, { ...batch, sessions: [{ ...sessions[0], minutes: 0 }] }, quiet),
  ).rejects.toThrow(/1 to 1,440/);
});

test('batch sizes are told for each unit, and a larger one waits no more than a smaller', async () => {
  const one = await planWork.batchSizes(levyWith({ models: 1 }), batch);
  const many = await planWork.batchSizes(levyWith({ models: 30 }), batch);
  expect(one.watch).toMatchObject({ models: 1 });
  expect(many.watch.waiting).toBeLessThan(one.watch.waiting);
});

test('a paint looks like its pots', () => {
  const [umber, both] = planWork.mixHexes([
    [{ potId: 'umber', share: 1 }],
    [
      { potId: 'umber', share: 0.5 },
      { potId: 'tallow', share: 0.5 },
    ],
  ]);
  expect(umber).toBe('#5b4128');
  expect(both).not.toBe(umber);
});

const longEvening = {
  ...batch,
  sessions: [{ id: 'long', startsAt: '2026-03-05T08:00:00Z', minutes: 1440 }],
};
