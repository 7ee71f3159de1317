import { changedSince, entrySchema } from '@yellow-ledger/core';
import { batch, coat, levy, levyWith, pots, skin } from '../../../testing/levy';
import { takeLedger, takeShelf } from '../../../testing/inHand';
import { planWork } from './planWork';

beforeEach(() => {
  takeShelf(pots);
  takeLedger([coat, skin]);
});
const quiet = () => undefined;

test('a batch is planned through, and told with the names of what is in it', async () => {
  const planned = await planWork.planBatch(levy, batch, quiet);
  expect(planned).toMatchObject({ work: { left: 0 } });
  const { recipeNames, lineNumbers, madeFrom } = planWork.planGround(levy, batch);
  expect(recipeNames.coat).toBe('Recipe of coat');
  expect(lineNumbers['coat edge']).toBe(2);
  expect(planned).toMatchObject({ madeFrom });
});

test('progress rises towards 1 while it plans', async () => {
  const told: number[] = [];
  // By a clock of its own: how quick a machine is says nothing of what is told.
  let at = 0;
  const clock = jest.spyOn(performance, 'now').mockImplementation(() => (at += 60));
  await planWork.planBatch(levyWith({ models: 3 }), longEvening, (done) => void told.push(done));
  clock.mockRestore();
  expect(told.length).toBeGreaterThan(0);
  expect(told).toEqual([...told].sort((one, other) => one - other));
  expect(told.every((done) => done > 0 && done <= 1.05)).toBe(true);
});

test('asked anew, what is being planned is given up', async () => {
  const first = planWork.planBatch(levyWith({ models: 40 }), longEvening, quiet);
  const second = planWork.planBatch(levy, batch, quiet);
  expect(await first).toBeNull();
  expect(await second).toMatchObject({ work: { left: 0 } });
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
  expect(planned).toEqual({
    problem: expect.stringMatching(/coats are more than the 40,000 .*; plan fewer models together/),
  });
});

test('what a plan is made from tells what has changed, and nothing else', () => {
  const before = planWork.planGround(levy, batch).madeFrom;
  const changed = () => changedSince(before, planWork.planGround(levy, batch).madeFrom);
  expect(changed()).toEqual([]);
  expect(
    changedSince(before, planWork.planGround({ ...levy, notes: 'wet' }, batch).madeFrom),
  ).toEqual([]);
  const [first] = coat.steps;
  const edited = { ...coat, steps: [{ ...first, coats: first.coats + 1 }, ...coat.steps.slice(1)] };
  takeLedger([edited, skin]);
  expect(changed()).toEqual(['a recipe']);
  takeLedger([{ ...coat, name: 'Another name', notes: 'seen' }, skin]);
  expect(changed()).toEqual([]);
});

test('noting what was painted leaves just the rest to plan', async () => {
  const planned = await planWork.planBatch(levy, batch, quiet);
  if (!planned || 'problem' in planned) throw new Error('no plan');
  const coats = planned.work.runs.slice(0, 3).map(({ to, ...run }) => ({
    ...run,
    at: new Date(to).toISOString(),
  }));
  const head = { id: 'n', order: 4, at: coats[0].at };
  const entries = planWork.notedCoats(levy, batch, coats, head);
  expect(entries.map(({ order }) => order)).toEqual([4, 5, 6]);
  expect(entries.every((entry) => entrySchema.safeParse(entry).success)).toBe(true);
  takeLedger([coat, skin], {}, { log: entries });
  const after = await planWork.planBatch(levy, batch, quiet);
  if (!after || 'problem' in after) throw new Error('no plan');
  const coatsOf = (runs: readonly { models: number[] }[]) =>
    runs.reduce((sum, { models }) => sum + models.length, 0);
  expect(coatsOf(after.work.runs)).toBe(coatsOf(planned.work.runs.slice(3)));
});

test('batch sizes are told for each unit, and a larger one waits no more than a smaller', async () => {
  const one = await planWork.batchSizes(levyWith({ models: 1 }), batch);
  const many = await planWork.batchSizes(levyWith({ models: 30 }), batch);
  expect(one.watch).toMatchObject({ models: 1 });
  expect(many.watch.waiting).toBeLessThan(one.watch.waiting);
});

test('a plan is told with what its paints look like, and with what each session needs', async () => {
  const planned = await planWork.planBatch(levy, batch, quiet);
  if (!planned || 'problem' in planned) throw new Error('no plan');
  const { hexes, sessions } = planWork.toldPlan(planned.work, batch);
  const umber = planned.work.mixes.findIndex(
    ({ shares }) => shares.length === 1 && shares[0].potId === 'umber',
  );
  expect(hexes[umber]).toBe('#5b4128');
  expect(sessions[0].mixes.every(({ ml }) => ml > 0)).toBe(true);
  // A pot that is gone since has no colour, and the rest is told.
  takeShelf(pots.filter(({ id }) => id !== 'umber'));
  expect(planWork.toldPlan(planned.work, batch).hexes[umber]).toBe('transparent');
});

const longEvening = {
  ...batch,
  sessions: [{ id: 'long', startsAt: '2026-03-05T08:00:00Z', minutes: 1440 }],
};
