import fc from 'fast-check';
import { randomFrom } from '../../../../written/record/randomFrom';
import { dispatch } from './dispatch';
import type { Rule } from './dispatched';
import { lowerBound } from './lowerBound';
import { changeMinutes, type Chain, type Hand, type Job, type Sitting, type Work } from '../work';
import { runs } from '../../../../testing/longTests';

const rule: Rule = {
  tail: 0.5,
  crowd: 0.02,
  order: 0.1,
  apart: 30,
  free: 0.2,
  patience: 0,
  waits: 0,
  sticks: true,
  keepsWhole: false,
  mixer: -1,
  chance: 0,
  random: randomFrom(1),
};
const job = (part: Partial<Job> = {}): Job => ({
  handsOn: 2,
  dry: 10,
  mix: 0,
  blocks: false,
  turn: 0,
  run: 0,
  ...part,
});
const chain = (jobs: Job[], part: Partial<Chain> = {}): Chain => ({
  model: 0,
  body: 0,
  rank: 0,
  jobs,
  readyAt: 0,
  ...part,
});
const workOf = (chains: Chain[], mixes = 3): Work => ({
  chains,
  mixes: Array.from({ length: mixes }, () => ({
    mixMinutes: 1,
    usableMinutes: 500,
    isMixed: true,
  })),
  models: Math.max(...chains.map(({ model }) => model)) + 1,
  bodies: Math.max(...chains.map(({ body }) => body)) + 1,
  bodyFreeAt: [],
});
const hand = (part: Partial<Hand> = {}): Hand => ({ speed: 1, claims: new Set(), ...part });
const sitting = (from: number, to: number, hands = [0]): Sitting => ({ from, to, hands });
const paint = (work: Work, { hands = [hand()], sittings = [sitting(0, 300)], by = rule } = {}) =>
  dispatch(work, hands, sittings, by);

describe('painting by a rule', () => {
  test('a paint is mixed, taken up, and used for every model that waits for it', () => {
    const work = workOf([0, 1, 2].map((model) => chain([job()], { model, body: model })));
    const { done } = paint(work);
    expect(done.map(({ mixing, changing }) => [mixing, changing])).toEqual([
      [1, changeMinutes],
      [0, 0],
      [0, 0],
    ]);
    expect(done.at(-1)?.ends).toBeCloseTo(1 + changeMinutes + 6, 9);
  });

  test('while one surface dries another is painted', () => {
    const work = workOf([
      chain([job(), job({ mix: 1 })]),
      chain([job({ mix: 2, handsOn: 5 })], { rank: 1 }),
    ]);
    const { done } = paint(work);
    expect(done.map((each) => each.chain)).toEqual([0, 1, 0]);
  });

  test('after a wash nothing on the body is touched, but another body may be', () => {
    const wash = job({ blocks: true, dry: 20 });
    const together = workOf([chain([wash]), chain([job({ mix: 1 })], { rank: 1 })]);
    expect(paint(together).done[1].starts).toBeGreaterThanOrEqual(20);
    const apart = workOf([chain([wash]), chain([job({ mix: 1 })], { rank: 1, body: 1 })]);
    expect(paint(apart).done[1].starts).toBeLessThan(10);
  });

  test('while everything dries the next paint is mixed', () => {
    const { done, ahead } = paint(workOf([chain([job(), job({ mix: 1 })])]));
    expect(ahead.map(({ mix }) => mix)).toEqual([1]);
    expect(done[1]).toMatchObject({ mixing: 0, starts: done[0].driesAt });
  });

  test('a job that does not fit waits for the next sitting, and its paint is mixed again', () => {
    const work = workOf(
      [0, 1].map((model) => chain([job({ handsOn: 8 })], { model, body: model })),
    );
    const { done } = paint(work, { sittings: [sitting(0, 12), sitting(1000, 1100)] });
    expect(done.map((each) => each.sitting)).toEqual([0, 1]);
    expect(done[1]).toMatchObject({ mixing: 1, starts: 1000 + 1 + changeMinutes });
  });

  test('what stands too long has to be mixed again', () => {
    const work = workOf([chain([job(), job({ mix: 1, dry: 40 }), job()])], 2);
    work.mixes[0].usableMinutes = 20;
    const { done } = paint(work);
    const again = done.filter(({ job: at, mixing }) => at !== 1 && mixing > 0);
    expect(again.length + paint(work).ahead.filter(({ mix }) => mix === 0).length).toBe(2);
  });

  test('what has no room is counted as left', () => {
    const work = workOf([chain([job({ handsOn: 50 }), job()])]);
    expect(paint(work, { sittings: [sitting(0, 40)] }).left).toBe(2);
    expect(paint(work, { sittings: [] }).left).toBe(2);
  });

  test('a chain that is still wet from before waits until it is dry', () => {
    const [first] = paint(workOf([chain([job()], { readyAt: 33 })])).done;
    expect(first.starts).toBeGreaterThanOrEqual(33);
  });

  test('a mixed colour is kept whole where the next sitting could hold all of it', () => {
    const work = workOf(
      [0, 1, 2, 3, 4].map((model) => chain([job({ handsOn: 6 })], { model, body: model })),
    );
    const sittings = [sitting(0, 20), sitting(1000, 1060)];
    const sittingsUsed = (keepsWhole: boolean) =>
      new Set(
        paint(work, { sittings, by: { ...rule, keepsWhole } }).done.map((each) => each.sitting),
      );
    expect(sittingsUsed(false)).toEqual(new Set([0, 1]));
    expect(sittingsUsed(true)).toEqual(new Set([1]));
  });
});

describe('whatever there is to paint', () => {
  const anyJob = fc.record({
    handsOn: fc.integer({ min: 1, max: 5 }),
    dry: fc.integer({ min: 0, max: 30 }),
    mix: fc.integer({ min: 0, max: 2 }),
    blocks: fc.boolean(),
  });
  const anyWork = fc
    .array(
      fc.record({
        model: fc.integer({ min: 0, max: 3 }),
        jobs: fc.array(anyJob, { minLength: 1, maxLength: 4 }),
        held: fc.integer({ min: 0, max: 2 }),
      }),
      { minLength: 1, maxLength: 6 },
    )
    .map((all) =>
      workOf(
        all.map(({ model, jobs, held }, rank) =>
          chain(
            jobs.map((each, i) => job({ ...each, turn: Number(i >= jobs.length - held) })),
            { model, body: model, rank },
          ),
        ),
      ),
    );
  const anyRule = fc.record({
    tail: fc.double({ min: 0, max: 2, noNaN: true }),
    patience: fc.integer({ min: 0, max: 8 }),
    waits: fc.integer({ min: 0, max: 15 }),
    sticks: fc.boolean(),
    keepsWhole: fc.boolean(),
    mixer: fc.constantFrom(-1, 0),
  });

  test('all of it is painted once, in order, dry, and no quicker than the bound', () => {
    fc.assert(
      fc.property(anyWork, anyRule, fc.integer({ min: 1, max: 3 }), (work, part, count) => {
        const hands = Array.from({ length: count }, () => hand());
        const everybody = hands.map((_, i) => i);
        const sittings = [sitting(0, 60, everybody), sitting(500, 2000, everybody)];
        const { done, left } = dispatch(work, hands, sittings, { ...rule, ...part });
        expect(left).toBe(0);
        const dry = work.chains.map(() => 0);
        const next = work.chains.map(() => 0);
        for (const each of done) {
          expect(each.job).toBe(next[each.chain]++);
          expect(each.starts).toBeGreaterThanOrEqual(dry[each.chain]);
          dry[each.chain] = each.driesAt;
        }
        const minutes = Math.max(
          ...done.map(({ ends, sitting: at }) => (at === 0 ? ends : 60 + ends - 500)),
        );
        const bound = lowerBound(work, hands, sittings).minutes;
        expect(minutes).toBeGreaterThanOrEqual(bound - 1e-9);
      }),
      { numRuns: runs(200) },
    );
  });
});

describe('the lower bound', () => {
  test('hands-on: every coat, every paint mixed and taken up once', () => {
    const work = workOf([0, 1].map((model) => chain([job()], { model, body: model })));
    const { handsOn } = lowerBound(work, [hand()], [sitting(0, 100)]);
    expect(handsOn).toBeCloseTo(4 + 1 + changeMinutes, 9);
    const two = lowerBound(work, [hand(), hand()], [sitting(0, 100, [0, 1])]);
    expect(two.handsOn).toBeCloseTo((4 + 1 + changeMinutes) / 2, 9);
  });

  test('surface: painting and drying of the longest, the first paint got ready before', () => {
    const work = workOf([chain([job({ dry: 30 }), job({ dry: 99 })])]);
    const { surface } = lowerBound(work, [hand()], [sitting(0, 100)]);
    expect(surface).toBeCloseTo(1 + changeMinutes + 2 + 30 + 2, 9);
    const overnight = lowerBound(work, [hand()], [sitting(0, 20), sitting(900, 999)]);
    expect(overnight.surface).toBeCloseTo(20 + 2, 9);
  });

  test('body: in the hand or wet all over, the last wait left out', () => {
    const wash = job({ blocks: true, dry: 20 });
    const work = workOf([chain([wash]), chain([wash]), chain([job()])]);
    expect(lowerBound(work, [hand()], [sitting(0, 100)]).body).toBeCloseTo(6 + 20, 9);
  });

  test('what one claims nobody else can shorten', () => {
    const work = workOf(
      [0, 1].map((model) => chain([job({ handsOn: 20 })], { model, body: model })),
    );
    const hands = [hand({ claims: new Set([0, 1]) }), hand()];
    const { handsOn } = lowerBound(work, hands, [sitting(0, 100, [0, 1])]);
    expect(handsOn).toBeCloseTo(40 + 1 + changeMinutes, 9);
  });

  test('with no room there is no bound', () => {
    const work = workOf([chain([job({ handsOn: 50 })])]);
    expect(lowerBound(work, [hand()], [sitting(0, 20)]).minutes).toBe(Infinity);
  });
});
