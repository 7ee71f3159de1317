import type { Batch } from '../army/batch';
import { usualHand } from '../army/ownFigures';
import { paintNeeded } from '../army/paintNeeded';
import { batchWork } from '../plan/batchWork';
import type { PaintedBefore } from '../plan/paintedBefore';
import { bench, evening, levy, recipeOf, watch, WrittenLog } from '../../../testing/sampleLog';
import { potOn } from '../../../predicted/paint/mixedPaint';
import { shelf } from '../../../testing/sampleRecipe';
import { benchSchema } from '../bench/bench';
import { paintedOnArmy } from './onFigure/paintedOnArmy';
import { entrySchema } from './entry';
import { handsOnTable } from './handsOnTable';
import { modelRecord } from './modelRecord';
import { oneMoreLike } from '../bench/oneMoreLike';
import { paintTaken } from './paintTaken';
import { paintToCome } from './paintToCome';

const batch: Batch = {
  id: 'batch',
  name: 'One evening',
  models: [],
  painters: [{ id: 'wren', name: 'Wren', speed: 1, claims: [] }],
  sessions: [{ id: 's', startsAt: new Date(evening).toISOString(), minutes: 180 }],
  room: 'usual',
  keeping: 'open',
  hairDryer: false,
};
const jobsOf = (of: Batch, own = usualHand, painted?: PaintedBefore) =>
  batchWork(levy, of, recipeOf, shelf, painted, own).work.chains.flatMap(({ jobs }) => jobs);

describe('the painter’s own figures in a plan', () => {
  test('twice the time for one technique doubles its coats and no others', () => {
    const slow = jobsOf(batch, { ...usualHand, handsOn: { layer: 2 } });
    jobsOf(batch).forEach((job, i) =>
      expect([1, 2]).toContain(Math.round((slow[i].handsOn / job.handsOn) * 1e6) / 1e6),
    );
    expect(slow.some((job, i) => job.handsOn > jobsOf(batch)[i].handsOn)).toBe(true);
  });

  test('half the drying halves every wait', () => {
    expect.hasAssertions();
    const quick = jobsOf(batch, { ...usualHand, drying: 0.5 });
    jobsOf(batch).forEach(({ dry }, i) => expect(quick[i].dry).toBeCloseTo(dry / 2, 9));
  });

  test('what the log says was painted is not planned again', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1, 2]);
    log.coat(5, 'helm', 'copper', 1, [3]);
    log.strike(6, 'e1');
    expect(jobsOf(batch)).toHaveLength(15);
    const left = (army = levy) =>
      jobsOf(batch, usualHand, paintedOnArmy(army, recipeOf, log.entries));
    expect(left()).toHaveLength(13);
    expect(left({ ...levy, id: 'another' })).toHaveLength(15);
    // Found painted up to a line, or left out: not planned again either.
    log.line('found', 7, 'shade', [2]);
    log.line('skip', 8, 'light', [2]);
    expect(left()).toHaveLength(10);
  });
});

describe('paint by the log', () => {
  test('a hand that mixes a quarter more needs a quarter more of everything', () => {
    expect.hasAssertions();
    const usual = paintNeeded(levy, recipeOf, shelf);
    const own = paintNeeded(levy, recipeOf, shelf, { ...usualHand, paint: 1.25 });
    usual.pots.forEach(({ ml }, i) => expect(own.pots[i].ml).toBeCloseTo(1.25 * ml, 9));
  });

  test('what was painted is no longer to come; all of it painted is what was needed', () => {
    expect.hasAssertions();
    const needed = paintNeeded(levy, recipeOf, shelf);
    const log = new WrittenLog();
    for (const [step, coat] of [
      ['base', 1],
      ['base', 2],
      ['shade', 1],
      ['light', 1],
    ] as const)
      log.coat(coat, 'cloak', step, coat, [1, 2, 3]);
    log.coat(9, 'helm', 'copper', 1, [1, 2, 3]);
    const taken = paintTaken(log.entries);
    for (const { potId, ml } of needed.pots) expect(taken.get(potId)).toBeCloseTo(ml, 9);
    const stocked = { pots: needed.pots.map((each) => ({ ...each, leftMl: 0 })) };
    for (const pot of paintToCome(stocked, taken)) expect(pot.shortMl).toBeCloseTo(0, 9);
    const half = new Map([...taken].map(([potId, ml]) => [potId, ml / 2]));
    for (const pot of paintToCome(stocked, half)) expect(pot.shortMl).toBeCloseTo(pot.ml / 2, 9);
  });
});

test('hands-on time is told by technique and size', () => {
  const log = new WrittenLog();
  log.coat(0, 'cloak', 'base', 1, [1, 2], { minutes: 6 });
  log.coat(9, 'cloak', 'base', 2, [1], { minutes: 6 });
  log.coat(12, 'cloak', 'shade', 1, [1]);
  expect(handsOnTable(log.entries, () => 'foot')).toEqual([
    expect.objectContaining({
      technique: 'brushCoat',
      size: 'foot',
      minutesPerModel: 4,
      models: 3,
    }),
  ]);
});

describe('a model, a year later', () => {
  const log = new WrittenLog();
  log.coat(0, 'cloak', 'base', 1, [1]);
  log.coat(30, 'cloak', 'base', 2, [1]);
  const pots = [{ potId: 'blue', share: 1 }];
  log.mixed(40, 'shade', { pots, waterParts: 1, mediumParts: 0 }, 1, ['improvised mix']);
  log.coat(41, 'cloak', 'shade', 1, [1], { differs: ['improvised mix'] });
  log.line('skip', 90, 'light', [1]);
  const told = (on = shelf) => modelRecord(levy, watch, 1, recipeOf, log.entries, on);

  test('tells every surface: lines in whole drops, what differed, what was skipped', () => {
    const [cloak, helm] = told();
    expect(cloak.lines.map(({ step, differs }) => [step.id, step.coats, differs])).toEqual([
      ['base', 2, []],
      ['shade', 1, ['improvised mix']],
    ]);
    expect(cloak.lines[1].drops?.pots).toEqual([{ potId: 'blue', drops: expect.any(Number) }]);
    expect(cloak.skipped).toEqual(['light']);
    expect(helm).toMatchObject({ done: null, lines: [] });
  });

  test('names the pots that are no longer at hand, or gone', () => {
    const emptied = new Map(shelf).set('blue', { ...potOn(shelf, 'blue'), volumeMl: 0 });
    emptied.delete('bone');
    expect(told(emptied)[0].missingPots).toEqual(['bone', 'blue']);
    expect(told()[0].missingPots).toEqual([]);
  });

  test('one more like it is painted by what was done, the rest by its scheme', () => {
    let made = 0;
    const like = benchSchema.parse(
      oneMoreLike(watch, 1, told(), bench, bench.startedAt, () => `new${made++}`),
    );
    const unit = like.loose?.unit;
    expect(unit).toMatchObject({ models: 1, surfaces: [{}, { recipe: { recipeId: 'helm' } }] });
    expect(like.loose?.recipes).toHaveLength(1);
    expect(like.loose?.recipes[0].steps[2].isOut).toBe(true);
    expect(like.armyId).toBeUndefined();
  });
});

test('an entry that cannot be is refused with the field', () => {
  expect.hasAssertions();
  const coat = new WrittenLog().coat(0, 'cloak', 'base', 1, [1]);
  const wrong = [
    { ...coat, coat: 0 },
    { ...coat, where: { ...coat.where, models: [] } },
    { ...coat, at: 'yesterday' },
    { ...coat, kind: 'dance' },
    { ...coat, brushed: { ...coat.brushed, pots: [] } },
  ];
  for (const each of wrong) expect(entrySchema.safeParse(each).success).toBe(false);
});
