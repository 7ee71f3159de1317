import fc from 'fast-check';
import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import { opticsOfPot } from '../../predicted/paint/opticsOfPot';
import { anyGround, anyHex, anyPaint } from '../../testing/arbitraries';
import { differenceWords } from '../../light/colour/differenceWords';
import { lookAround } from './screen/lookAround';
import { matchColour, screenedFrom, type MatchLimits } from './matchColour';
import type { MatchPot } from './matchPot';
import { mixMeter } from './screen/mixMeter';
import { tripleWaysOf } from './screen/tripleWays';
import { wholeParts } from './screen/wholeParts';
import { runs } from '../../testing/longTests';

const masstone: MatchLimits = { mostPots: 3, mostParts: 6, looked: { as: 'masstone' } };

/** Evenly spread figures, the same in every run. */
function figures(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
}

function shelfOf(count: number, next: () => number): MatchPot[] {
  return Array.from({ length: count }, (_, i) => ({
    potId: `p${i}`,
    optics: opticsOfPot(anyHexFrom(next), 0.05 + 0.9 * next()),
  }));
}

const anyHexFrom = (next: () => number) =>
  `#${Math.floor(next() * 0xffffff)
    .toString(16)
    .padStart(6, '0')}`;

function searched(target: string, pots: MatchPot[], limits: MatchLimits = masstone) {
  const matcher = matchColour(colourOfHex(target), pots, limits);
  for (let slice = 0; slice < matcher.slices; slice++) matcher.run(slice);
  matcher.refine();
  return matcher.best();
}

/** Every mix there is, measured plainly: the least ΔE00. */
function plainLeast(target: string, pots: MatchPot[], mostParts: number): number {
  const wanted = colourOfHex(target);
  let least = Infinity;
  const look = (at: number[], parts: number[]) => {
    const mix = mixOptics(at.map((pot, i) => ({ optics: pots[pot].optics, parts: parts[i] })));
    least = Math.min(least, colourDifference(surfaceColour(masstoneOf(mix)), wanted));
  };
  for (let i = 0; i < pots.length; i++) {
    look([i], [1]);
    for (let j = i + 1; j < pots.length; j++) {
      for (const parts of wholeParts(2, mostParts)) look([i, j], parts);
      for (let k = j + 1; k < pots.length; k++)
        for (const parts of wholeParts(3, mostParts)) look([i, j, k], parts);
    }
  }
  return least;
}

test('on a small shelf it finds the best mix there is, as trying every one does', () => {
  const next = figures(4);
  const pots = shelfOf(7, next);
  for (let round = 0; round < 4; round++) {
    const target = anyHexFrom(next);
    expect(searched(target, pots)[0].error).toBeCloseTo(plainLeast(target, pots, 6), 6);
  }
});

test('on a large shelf the screening costs next to nothing', () => {
  const next = figures(9);
  const pots = shelfOf(screenedFrom + 4, next);
  const target = anyHexFrom(next);
  const limits = { ...masstone, mostParts: 4 };
  const screened = searched(target, pots, limits)[0].error;
  // The same pots one short of being screened: the best of them is among all of them.
  const whole = searched(target, pots.slice(0, screenedFrom - 1), limits)[0].error;
  expect(screened).toBeLessThanOrEqual(whole + 0.05);
});

test('on a large shelf the first slice already answers, with single pots and pairs', () => {
  const next = figures(12);
  const pots = shelfOf(screenedFrom + 20, next);
  const target = colourOfHex(anyHexFrom(next));
  const matcher = matchColour(target, pots, masstone);
  matcher.run(0);
  const first = matcher.best();
  expect(first.some(({ parts }) => parts.length === 1)).toBe(true);
  expect(first.some(({ parts }) => parts.length === 2)).toBe(true);
  const alone = pots.map(({ optics }) =>
    colourDifference(surfaceColour(masstoneOf(optics)), target),
  );
  expect(first[0].error).toBeLessThanOrEqual(Math.min(...alone));
});

test('looking around a good mix finds its neighbours, each once and in the order of the shelf', () => {
  const seen: string[] = [];
  const found = [{ at: [4, 1, 2, 1, 0, 1], error: 1 }];
  lookAround(found, 5, tripleWaysOf(4), (_pots, i, a, j, b, k, c) => {
    expect(i < j && j < k).toBe(true);
    seen.push([i, a, j, b, k, c].join());
  });
  expect(new Set(seen).size).toBe(seen.length - 2 * tripleWaysOf(4).length);
  // Three pairs, each with the three pots that are not in it, in every way.
  expect(seen).toHaveLength(3 * 3 * tripleWaysOf(4).length);
});

test('what it says of a mix is what the mix is', () => {
  fc.assert(
    fc.property(fc.array(anyPaint, { minLength: 1, maxLength: 5 }), anyHex, (paints, target) => {
      const pots = paints.map((optics, i) => ({ potId: `p${i}`, optics }));
      for (const { parts, colour, error, valueError } of searched(target, pots)) {
        const mix = mixOptics(
          parts.map(({ potId, parts: count }) => ({
            optics: pots.find((pot) => pot.potId === potId)!.optics,
            parts: count,
          })),
        );
        const played = surfaceColour(masstoneOf(mix));
        expect(colourDifference(played, colour)).toBeLessThan(0.01);
        expect(colourDifference(played, colourOfHex(target))).toBeCloseTo(error, 2);
        expect(valueError).toBeCloseTo(played.value - colourOfHex(target).value, 2);
      }
    }),
    { numRuns: runs(25) },
  );
});

test('the meter agrees with the film equation over any ground', () => {
  const films = fc.double({ min: 0.05, max: 6, noNaN: true });
  fc.assert(
    fc.property(anyPaint, anyPaint, anyGround, films, (one, other, ground, thickness) => {
      const meter = mixMeter([one, other], { as: 'film', ground, films: thickness });
      meter.measure(0, 2, 1, 1, 0, 0);
      const mix = mixOptics([
        { optics: one, parts: 2 },
        { optics: other, parts: 1 },
      ]);
      const plain = surfaceColour(filmOver(ground, mix, thickness));
      const [value, a, b] = meter.lab;
      expect(colourDifference({ value, a, b }, plain)).toBeLessThan(0.01);
    }),
    { numRuns: runs(60) },
  );
});

test('the colour of a pot on the shelf is matched by that pot alone', () => {
  const [best] = searched('#9a6428', [
    { potId: 'brown', optics: opticsOfPot('#9a6428', 0.8) },
    { potId: 'white', optics: opticsOfPot('#f2f0ea', 0.6) },
  ]);
  expect(best.parts).toEqual([{ potId: 'brown', parts: 1 }]);
  expect(best.error).toBeLessThan(0.1);
});

test('limits hold: so many pots, and parts up to so many', () => {
  expect.hasAssertions();
  const pots = shelfOf(6, figures(2));
  for (const mostPots of [1, 2, 3] as const)
    for (const mostParts of [2, 3, 6])
      for (const { parts } of searched('#7788aa', pots, { ...masstone, mostPots, mostParts })) {
        expect(parts.length).toBeLessThanOrEqual(mostPots);
        expect(parts.reduce((sum, part) => sum + part.parts, 0)).toBeLessThanOrEqual(
          Math.max(mostParts, 1),
        );
      }
});

test('an empty shelf matches nothing, and a shelf of one that pot', () => {
  expect(searched('#123456', [])).toEqual([]);
  expect(searched('#123456', shelfOf(1, figures(3)))).toHaveLength(1);
});

test('what no mix reaches is told with which way it misses', () => {
  const greys = ['#202020', '#808080'].map((hex, i) => ({
    potId: `g${i}`,
    optics: opticsOfPot(hex, 0.9),
  }));
  const [nearest] = searched('#f0f0f0', greys);
  expect(nearest.error).toBeGreaterThan(10);
  expect(nearest.valueError).toBeLessThan(-20);
  expect(nearest.hueError).toBe(0);
});

test('ways of sharing parts out are each there once, and sum to no more than asked', () => {
  expect(wholeParts(2, 4)).toEqual([
    [1, 1],
    [1, 2],
    [1, 3],
    [2, 1],
    [3, 1],
  ]);
  expect(wholeParts(3, 6)).toHaveLength(19);
  expect(wholeParts(3, 2)).toEqual([]);
});

test.each([
  [0.5, 'nobody will see it'],
  [2, 'barely visible side by side'],
  [4, 'you would see it side by side'],
  [7, 'clearly different'],
  [20, 'another colour'],
])('a difference of %d is put as “%s”', (difference, words) => {
  expect(differenceWords(difference)).toBe(words);
});

test('no difference is passed over: the bound holds for any two colours', () => {
  // Matched against a single pot, each colour is its own best: nothing may be thrown away.
  fc.assert(
    fc.property(anyHex, anyHex, (one, other) => {
      const [found] = searched(one, [{ potId: 'only', optics: opticsOfPot(other, 0.9) }]);
      expect(found.error).toBeCloseTo(colourDifference(colourOfHex(one), found.colour), 3);
    }),
    { numRuns: runs(60) },
  );
});
