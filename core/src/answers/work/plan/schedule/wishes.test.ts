import fc from 'fast-check';
import { planBreaches } from '../../../../testing/planBreaches';
import { randomPlan, type RandomPlan } from '../../../../testing/randomPlan';
import { runs } from '../../../../testing/longTests';
import { aimWeights, usualAims, type Aims } from '../../army/planAims';
import type { UnitWish } from '../work';
import { tryRules, type Schedule } from './tryRules';

function planned({ work, hands, sittings }: RandomPlan, tries: number, aims?: Aims): Schedule {
  const trying = tryRules(work, hands, sittings, tries, undefined, aims && aimWeights(aims));
  let next = trying.next();
  while (!next.done) next = trying.next();
  return next.value;
}

/** The same army with one unit more wished for, and its last painter new to it. */
const wishing = (plan: RandomPlan, unit: number, wish: UnitWish): RandomPlan => ({
  ...plan,
  work: { ...plan.work, wishes: new Map([[unit % plan.units.length, wish]]) },
  hands: plan.hands.map((hand, i, all) => ({
    ...hand,
    onlyBase: i > 0 && i === all.length - 1 && hand.claims.size === 0,
  })),
});

test('somebody new paints base coats only, and a unit for one hand has one', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 100_000 }), fc.nat(5), (seed, nth) => {
      const plan = wishing(randomPlan(seed), nth, { oneHand: true });
      const { work, hands, sittings } = plan;
      const { done } = planned(plan, 4);
      expect(planBreaches(work, hands, sittings, done)).toEqual([]);
      for (const { chain, job, hand } of done)
        expect(!hands[hand].onlyBase || work.chains[chain].jobs[job].isBase).toBe(true);
      const claimed = new Set(hands.flatMap(({ claims }) => [...claims]));
      const whole = nth % plan.units.length;
      const painters = new Set(
        done.flatMap(({ chain, hand }) => {
          const { unit, model } = work.chains[chain];
          return unit === whole && !claimed.has(model) ? [hand] : [];
        }),
      );
      expect(painters.size).toBeLessThanOrEqual(1);
    }),
    { numRuns: runs(20) },
  );
});

/** Minutes of the clock until a unit has its last coat. */
const endOf = ({ work }: RandomPlan, { done }: Schedule, unit: number) =>
  Math.max(...done.flatMap(({ chain, ends }) => (work.chains[chain].unit === unit ? [ends] : [])));

test.each([36_000, 36_002, 36_005, 36_011])(
  'army %i: a unit wanted first is finished before it would be, one wanted last after',
  (seed) => {
    const plan = randomPlan(seed);
    const unit = plan.units.length - 1;
    const ends = (['first', undefined, 'last'] as const).map((when) =>
      endOf(plan, planned(wishing(plan, unit, { when }), 12), unit),
    );
    expect(ends[0]).toBeLessThanOrEqual(ends[1]);
    // Both may end with the plan itself, whose length differs by what the search finds.
    expect(ends[2]).toBeGreaterThan(0.99 * ends[1]);
    expect(ends[0]).toBeLessThan(ends[2]);
  },
);

describe('an aim that matters much is met better than one that does not matter', () => {
  const plan = randomPlan(36_001);
  const of = (aims: Partial<Aims>) => planned(plan, 24, { ...usualAims, ...aims });
  const none: Aims = { shorter: 0, fewerChanges: 0, unitsEarly: 0, lessWaiting: 0 };
  test.each([
    ['shorter', ({ minutes }: Schedule) => minutes],
    ['fewerChanges', ({ shape }: Schedule) => shape.changes],
    ['unitsEarly', ({ shape }: Schedule) => shape.unitMinutes],
    ['lessWaiting', ({ shape }: Schedule) => shape.waiting],
  ] as const)('%s', (aim, figure) => {
    const others = aim === 'shorter' ? { ...none, fewerChanges: 4 } : { ...none, shorter: 4 };
    expect(figure(of({ ...none, [aim]: 4 }))).toBeLessThan(figure(of({ ...others, [aim]: 0 })));
  });
});
