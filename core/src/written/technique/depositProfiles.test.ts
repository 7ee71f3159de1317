import fc from 'fast-check';
import { catching, drawnOut, evenly, falling, pooling } from './depositProfiles';
import type { Placement } from '../place/placement';
import { nearestStop, toneStops } from '../place/toneAxis';

const everywhere: Placement = { from: 0, to: 1, softness: 0, pull: 'even' };
const anyPlace = fc.double({ min: 0, max: 1, noNaN: true });
/** Two places, the lower first. */
const twoPlaces = fc.tuple(anyPlace, anyPlace).map((pair) => pair.sort((a, b) => a - b));

describe('a pooling wash', () => {
  const wash = pooling(2.2, 0.15, 0);

  test('is deepest in the pit and thinnest from the middle up', () => {
    expect(wash(0, everywhere, 1)).toBeCloseTo(2.2, 12);
    expect(wash(0.5, everywhere, 1)).toBeCloseTo(0.15, 12);
    expect(wash(1, everywhere, 1)).toBeCloseTo(0.15, 12);
  });

  test('never leaves more on a higher place than on a lower one', () => {
    fc.assert(
      fc.property(twoPlaces, anyPlace, ([low, high], waterShare) => {
        expect(wash(low, everywhere, waterShare)).toBeGreaterThanOrEqual(
          wash(high, everywhere, waterShare) - 1e-12,
        );
      }),
    );
  });

  test('is evener the more medium is in it', () => {
    const spread = (waterShare: number) =>
      wash(0, everywhere, waterShare) - wash(1, everywhere, waterShare);
    fc.assert(fc.property(twoPlaces, ([less, more]) => spread(less) <= spread(more) + 1e-12));
    expect(spread(0)).toBeLessThan(spread(1));
  });

  test('kept to the recesses leaves a trace outside, and no more', () => {
    const recess = pooling(2.2, 0.15, 0.02);
    const placed = { ...everywhere, to: 0.25 };
    expect(recess(0.9, placed, 1)).toBeGreaterThan(0);
    expect(recess(0.9, placed, 1)).toBeLessThan(0.01);
  });
});

test('a dry brush catches more the higher a place stands, and never more than all of it', () => {
  const brush = catching(0.04, 0.75, 1.7);
  const raised: Placement = { from: 0.4, to: 1, softness: 0.1, pull: 'up' };
  fc.assert(
    fc.property(twoPlaces, ([low, high]) => {
      const [less, more] = [brush(low, raised, 1), brush(high, raised, 1)];
      expect(more).toBeGreaterThanOrEqual(less - 1e-12);
      expect(more).toBeLessThanOrEqual(1);
    }),
  );
  expect(brush(0.2, raised, 1)).toBe(0);
});

test('mist from above lies fully on what faces up and not at all on what faces down', () => {
  const above: Placement = { from: 0.2, to: 1, softness: 0, pull: 'up' };
  expect(falling(0.1, above, 1)).toBe(0);
  expect(falling(1, above, 1)).toBe(1);
  expect(falling(0.6, above, 1)).toBeCloseTo(0.5, 12);
});

test('strokes that finish upwards leave more above, and the same in all', () => {
  const layer = evenly(0.3);
  const up: Placement = { ...everywhere, pull: 'up' };
  fc.assert(
    fc.property(anyPlace, (at) => {
      const both = layer(at, up, 1) + layer(1 - at, up, 1);
      expect(both).toBeCloseTo(2, 9);
    }),
  );
  expect(layer(1, up, 1)).toBeCloseTo(1.3, 12);
});

test('a wet blend is soft even where its placement is hard', () => {
  const hard: Placement = { from: 0.5, to: 1, softness: 0, pull: 'even' };
  const blend = drawnOut(0.35);
  expect(blend(0.4, hard, 1)).toBeGreaterThan(0);
  expect(blend(0.4, hard, 1)).toBeLessThan(blend(0.6, hard, 1));
});

test.each(toneStops)('$name is the stop nearest to its own place', (stop) => {
  expect(nearestStop(stop.at)).toBe(stop);
});
