import { planBreaches } from './planBreaches';
import { listSchedule } from './listSchedule';
import { randomPlan } from './randomPlan';

test.each([36_000, 36_005, 36_008, 36_013, 36_020])(
  'army %i: the plain list paints what can be painted, and breaks nothing',
  (seed) => {
    const { work, hands, sittings } = randomPlan(seed);
    const { done, left } = listSchedule(work, hands, sittings);
    const coats = work.chains.reduce((sum, { jobs }) => sum + jobs.length, 0);
    expect(done.length + left).toBe(coats);
    expect(done.length).toBeGreaterThan(coats / 2);
    expect(planBreaches(work, hands, sittings, done)).toEqual([]);
  },
);
