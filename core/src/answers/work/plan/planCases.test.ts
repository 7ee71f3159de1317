import fc from 'fast-check';
import { everyOrder } from '../../../testing/everyOrder';
import { planBreaches } from '../../../testing/planBreaches';
import { randomPlan } from '../../../testing/randomPlan';
import { planCases, type PlanCase } from '../../../testing/planCases';
import type { Done } from './schedule/dispatched';
import { tryRules } from './schedule/tryRules';
import { runs } from '../../../testing/longTests';

const finished = ({ name, work, hands, sittings }: PlanCase, triesAtMost?: number) => {
  const tries = tryRules(work, hands, sittings, triesAtMost);
  let next = tries.next();
  while (!next.done) next = tries.next();
  return { name, work, hands, sittings, schedule: next.value };
};
const small = planCases.slice(0, 4).map((each) => finished(each));
// The large ones are held against the bound in bench/; here a few tries show that plans are sound.
const planned = [...small, ...planCases.slice(4).map((each) => finished(each, 3))];

test.each(small)('$name: hardly longer than the best of every order', ({ work, schedule }) => {
  expect(schedule.minutes / everyOrder(work, schedule.minutes)).toBeLessThan(1.3);
});

test.each(planned)('$name: all is painted, and no quicker than the bound', ({ schedule }) => {
  expect(schedule.left).toBe(0);
  expect(schedule.minutes).toBeGreaterThanOrEqual(schedule.bound.minutes - 1e-6);
});

test('no plan is quicker than the bound, whoever has claimed which models', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...planCases.slice(0, 7)),
      fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 10, maxLength: 10 }),
      fc.array(fc.constantFrom(0.5, 1, 2), { minLength: 2, maxLength: 2 }),
      ({ name, work, sittings }, claimed, speeds) => {
        // Each model is the first hand’s, the second’s, or free.
        const hands = speeds.map((speed, hand) => ({
          speed,
          claims: new Set(
            claimed.slice(0, work.models).flatMap((by, model) => (by === hand ? [model] : [])),
          ),
        }));
        const both = sittings.map((sitting) => ({ ...sitting, hands: [0, 1] }));
        const { schedule } = finished({ name, work, hands, sittings: both }, 3);
        fc.pre(schedule.left === 0);
        expect(schedule.minutes).toBeGreaterThanOrEqual(schedule.bound.minutes - 1e-6);
      },
    ),
    { numRuns: runs(40) },
  );
});

test('the same work gives the same plan', () => {
  const [again] = planCases;
  expect(finished(again).schedule).toEqual(small[0].schedule);
});

test.each(planned)('$name: nothing is done that cannot be done', (each) => {
  const { work, hands, sittings, schedule } = each;
  expect(planBreaches(work, hands, sittings, schedule.done)).toEqual([]);
});

test('of random armies nothing is done that cannot be done, and coats stay whole', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 100_000 }), (seed) => {
      const { work, hands, sittings } = randomPlan(seed);
      const { schedule } = finished({ name: '', work, hands, sittings }, 3);
      expect(planBreaches(work, hands, sittings, schedule.done)).toEqual([]);
      const coats = new Set(work.chains.flatMap(({ jobs }) => jobs.map(({ run }) => run))).size;
      const shares = Math.max(1, ...hands.map(({ claims }) => (claims.size > 0 ? 2 : 1)));
      expect(schedule.shape.runs).toBeLessThanOrEqual(Math.max(2.5 * coats * shares, coats + 12));
    }),
    { numRuns: runs(15) },
  );
});

test('a plan with a breach is told as one', () => {
  const [{ work, hands, sittings, schedule }] = small;
  const told = (change: (each: Done) => Partial<Done>) =>
    planBreaches(
      work,
      hands,
      sittings,
      schedule.done.map((each, i) => (i === 2 ? { ...each, ...change(each) } : each)),
    );
  expect(told(({ starts }) => ({ starts: starts - 30 }))).not.toEqual([]);
  expect(told(({ ends }) => ({ ends: ends + 1 }))).not.toEqual([]);
  expect(told(({ job }) => ({ job: job + 1 }))).not.toEqual([]);
  expect(
    told(() => ({ sitting: sittings.length - 1, hand: 0, mixing: 0, changing: 0 })),
  ).not.toEqual([]);
});
