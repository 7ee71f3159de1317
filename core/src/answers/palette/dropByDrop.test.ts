import fc from 'fast-check';
import { shelf } from '../../testing/sampleRecipe';
import type { AddedDrops } from './bringBack';
import { amountsOfDrops, puddleStudy, withDrops } from './dropByDrop';
import { wantedOf } from './puddle';

const potIds = [...shelf.keys()].slice(0, 6);
const anyPuddle = fc.record({
  pots: fc
    .uniqueArray(fc.constantFrom(...potIds), { minLength: 1, maxLength: 3 })
    .chain((ids) =>
      fc.tuple(
        ...ids.map((potId) =>
          fc.record({ potId: fc.constant(potId), drops: fc.integer({ min: 1, max: 8 }) }),
        ),
      ),
    ),
  water: fc.integer({ min: 0, max: 8 }),
  medium: fc.constant(0),
});
const wantedOfDrops = (puddle: AddedDrops) => {
  const wanted = wantedOf(amountsOfDrops(puddle, shelf));
  if (!wanted) throw new Error('a puddle without paint');
  return wanted;
};

test('a puddle that is as wanted is off by nothing, and no drop brings it nearer', () => {
  fc.assert(
    fc.property(anyPuddle, (puddle) => {
      const { now, best } = puddleStudy(puddle, wantedOfDrops(puddle), shelf);
      expect(now?.error).toBeCloseTo(0, 6);
      expect(now?.load).toBeCloseTo(now?.wantedLoad ?? 0, 9);
      expect(best).toBeNull();
    }),
  );
});

test('of all single drops the one told brings it nearest', () => {
  fc.assert(
    fc.property(anyPuddle, anyPuddle, (puddle, other) => {
      const wanted = wantedOfDrops(other);
      const { now, best } = puddleStudy(puddle, wanted, shelf);
      const miss = (each: ReturnType<typeof puddleStudy>['now']) =>
        each ? each.error + (10 * Math.abs(each.load - each.wantedLoad)) / each.wantedLoad : 1e9;
      const ids = new Set([...puddle.pots, ...wanted.pots].map(({ potId }) => potId));
      const least = Math.min(
        ...[...[...ids].map((potId) => ({ potId })), 'water' as const].map((of) =>
          miss(puddleStudy(withDrops(puddle, { of, drops: 1 }), wanted, shelf).now),
        ),
      );
      const told = best ? miss(best.then) : miss(now);
      expect(told).toBeLessThanOrEqual(least + 0.1 + 1e-9);
    }),
    { numRuns: 40 },
  );
});

test('drops go in and come out, never below none, and a new pot joins', () => {
  const puddle = { pots: [{ potId: potIds[0], drops: 1 }], water: 1, medium: 0 };
  expect(withDrops(puddle, { of: 'water', drops: -3 }).water).toBe(0);
  expect(withDrops(puddle, { of: { potId: potIds[1] }, drops: 2 }).pots).toEqual([
    { potId: potIds[0], drops: 1 },
    { potId: potIds[1], drops: 2 },
  ]);
});
