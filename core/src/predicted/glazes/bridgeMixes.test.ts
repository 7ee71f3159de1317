import fc from 'fast-check';
import { opticsOfPot } from '../paint/opticsOfPot';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { anyPaint } from '../../testing/arbitraries';
import { pots } from '../../testing/sampleRecipe';
import {
  bridgeInRungs,
  bridgeMixes,
  mostBridgeParts,
  rungsBetween,
  rungsByParts,
} from './bridgeMixes';
import { runs } from '../../testing/longTests';

const optics = ({ swatch, hiding }: { swatch: string; hiding: number }) =>
  opticsOfPot(swatch, hiding);
const red = optics(pots.red);
const white = optics(pots.white);
const valueOf = (paint: typeof red) => surfaceColour(masstoneOf(paint)).value;

/** Every choice of `count` rungs in order, tried out: the smallest largest step there is. */
function leastLargestStep(from: typeof red, to: typeof red, count: number): number {
  const values = rungsBetween(from, to).map(({ colour }) => colour.value);
  const end = valueOf(to);
  const walk = (at: number, value: number, left: number): number => {
    if (left === 0) return Math.abs(end - value);
    let best = Infinity;
    for (let next = at; next < values.length; next++) {
      const step = Math.abs(values[next] - value);
      if (step < best)
        best = Math.min(best, Math.max(step, walk(next + 1, values[next], left - 1)));
    }
    return best;
  };
  return walk(0, valueOf(from), count);
}

test('equal parts are not equal steps, and the bridge makes them so', () => {
  const value = (redParts: number, whiteParts: number) =>
    rungsBetween(red, white).find(
      ({ fromParts, toParts }) => fromParts === redParts && toParts === whiteParts,
    )!.colour.value;
  const byParts = [valueOf(red), value(3, 1), value(1, 1), value(1, 3), valueOf(white)];
  const steps = byParts.slice(1).map((v, i) => v - byParts[i]);
  expect(Math.max(...steps) / Math.min(...steps)).toBeGreaterThan(1.5);
  const bridge = bridgeInRungs(red, white, 3);
  expect(bridge.largestStep).toBeLessThan(Math.max(...steps));
  const softer = bridgeInRungs(optics(pots.brown), optics(pots.bone), 2);
  expect(softer.largestStep).toBeLessThanOrEqual(softer.evenStep * 1.15);
});

test('no other choice of whole parts makes the largest step smaller', () => {
  fc.assert(
    fc.property(anyPaint, anyPaint, fc.integer({ min: 1, max: 2 }), (from, to, count) => {
      const { largestStep } = bridgeInRungs(from, to, count);
      expect(largestStep).toBeCloseTo(leastLargestStep(from, to, count), 6);
    }),
    { numRuns: runs(40) },
  );
});

test('and none of three rungs either', () => {
  for (const [from, to] of [
    [red, white],
    [optics(pots.yellow), optics(pots.violet)],
    [optics(pots.blue), optics(pots.bone)],
  ])
    expect(bridgeInRungs(from, to, 3).largestStep).toBeCloseTo(leastLargestStep(from, to, 3), 6);
});

test('the largest step is within 15 % of the even one, or is the least there can be', () => {
  let even = 0;
  fc.assert(
    fc.property(anyPaint, anyPaint, (from, to) => {
      const bridge = bridgeInRungs(from, to, 2);
      if (bridge.largestStep <= bridge.evenStep * 1.15) even++;
      else expect(bridge.largestStep).toBeCloseTo(leastLargestStep(from, to, 2), 6);
    }),
    { numRuns: runs(60) },
  );
  expect(even).toBeGreaterThan(0);
});

test('parts are whole, up to eight, and in order from one end to the other', () => {
  fc.assert(
    fc.property(
      anyPaint,
      anyPaint,
      fc.double({ min: 3, max: 20, noNaN: true }),
      (from, to, jump) => {
        const { rungs, steps } = bridgeMixes(from, to, jump);
        const ratios = rungs.map(({ fromParts, toParts }) => toParts / (fromParts + toParts));
        expect([...ratios].sort((one, other) => one - other)).toEqual(ratios);
        for (const { fromParts, toParts } of rungs)
          for (const parts of [fromParts, toParts]) {
            expect(Number.isInteger(parts)).toBe(true);
            expect(parts).toBeLessThanOrEqual(mostBridgeParts);
          }
        expect(steps).toHaveLength(rungs.length + 1);
      },
    ),
    { numRuns: runs(30) },
  );
});

test('ends that are near enough need no rung, and a jump of nothing is refused', () => {
  expect(bridgeMixes(red, red, 5).rungs).toEqual([]);
  expect(bridgeMixes(red, white, 100).rungs).toEqual([]);
  expect(() => bridgeMixes(red, white, 0)).toThrow('a jump of 0 L* bridges nothing');
});

test('by equal parts the rungs are where whole parts come nearest to even shares', () => {
  const rungs = rungsByParts(red, white, 3);
  expect(rungs.map(({ fromParts, toParts }) => [fromParts, toParts])).toEqual([
    [3, 1],
    [1, 1],
    [1, 3],
  ]);
  expect(rungsByParts(red, white, 0)).toEqual([]);
});
