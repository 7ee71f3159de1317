import fc from 'fast-check';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { usualDropMl } from '../../written/pot/stock';
import { dropsFor, isAsThin } from './dropsFor';
import { potOn, shelfOf } from './mixedPaint';
import { wetVolumeMl } from '../buildUp/wetVolume';
import { runs } from '../../testing/longTests';

test('3 yellow : 1 brown : 1 water for 0.8 ml is six, two and eight drops', () => {
  const drops = dropsFor(mixOf({ yellow: 3, brown: 1 }, { waterParts: 1 }), [], shelf, 0.8);
  expect(drops.pots).toEqual([
    { potId: 'yellow', drops: 6 },
    { potId: 'brown', drops: 2 },
  ]);
  expect(drops.water).toBe(8);
  expect(drops.colourError).toBeCloseTo(0, 6);
});

test('a pinch in a small volume takes more drops than the volume asks, to stay true', () => {
  const mix = mixOf({ white: 20, black: 1 });
  const loose = dropsFor(mix, [], shelf, 0.1, 50);
  const close = dropsFor(mix, [], shelf, 0.1, 1);
  expect(loose.pots.reduce((sum, { drops }) => sum + drops, 0)).toBe(2);
  expect(close.pots[0].drops).toBeGreaterThan(10);
  expect(close.isWithin).toBe(true);
});

test('drops are whole, at least one of each pot, enough, and the fewest within the limit', () => {
  fc.assert(
    fc.property(anyRecipe, fc.double({ min: 0.05, max: 3, noNaN: true }), ({ steps }, volumeMl) => {
      const { mix } = steps[steps.length - 1];
      fc.pre(mix.parts.length > 0);
      const drops = dropsFor(mix, steps.slice(0, -1), shelf, volumeMl);
      const total = drops.pots.reduce((sum, pot) => sum + pot.drops, 0);
      expect(drops.pots.every((pot) => Number.isInteger(pot.drops) && pot.drops >= 1)).toBe(true);
      const paintMl = volumeMl / (1 + mix.waterParts + mix.mediumParts);
      if (drops.isWithin) expect(total * usualDropMl).toBeGreaterThanOrEqual(paintMl - 1e-9);
      return drops.colourError >= 0 && drops.isWithin === drops.colourError <= 1;
    }),
    { numRuns: runs(60) },
  );
});

test('a brush without paint takes no drops', () => {
  const water = { parts: [], waterParts: 0, mediumParts: 0 };
  expect(dropsFor(water, [], shelf, 1)).toMatchObject({ pots: [], water: 0, isWithin: true });
});

test('no volume, or a volume of nothing, is refused', () => {
  expect(() => dropsFor(mixOf({ white: 1 }), [], shelf, 0)).toThrow('no volume to mix');
});

test('six times the models take six times the paint, and an edge takes less than a base', () => {
  const base = stepWith({ id: 'base' });
  const edge = stepWith({ id: 'edge', technique: 'edgeLine' });
  const one = wetVolumeMl(base, { areaCm2: 8, models: 1 }, { form: 'folds' });
  expect(wetVolumeMl(base, { areaCm2: 8, models: 6 }, { form: 'folds' })).toBeCloseTo(6 * one, 12);
  expect(one).toBeCloseTo(8 * 0.004 * 1.5, 6);
  expect(wetVolumeMl(edge, recipeWith([]), { form: 'folds' })).toBeLessThan(
    wetVolumeMl(base, recipeWith([]), { form: 'folds' }) / 5,
  );
});

test('bottles that give small drops are counted in small drops', () => {
  const small = shelfOf([
    { ...potOn(shelf, 'yellow'), dropsPerMl: 40 },
    { ...potOn(shelf, 'brown'), dropsPerMl: 20 },
  ]);
  const { pots, colourError } = dropsFor(mixOf({ yellow: 1, brown: 1 }), [], small, 0.3);
  expect(pots).toEqual([
    { potId: 'yellow', drops: 6 },
    { potId: 'brown', drops: 3 },
  ]);
  expect(colourError).toBeLessThan(0.01);
});

describe('water', () => {
  test('half a part on one drop is not lost: more drops are counted, or it is said', () => {
    const mix = mixOf({ brown: 1 }, { waterParts: 0.5 });
    const found = dropsFor(mix, [], shelf, 0.05);
    expect(found.water).toBeGreaterThan(0);
    expect(isAsThin(found)).toBe(true);
  });

  test('what cannot be counted so is told by the load beside the written one', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0.03, max: 1, noNaN: true }),
        (waterParts, volumeMl) => {
          const found = dropsFor(mixOf({ brown: 1 }, { waterParts }), [], shelf, volumeMl);
          const paint = found.pots.reduce((sum, { drops }) => sum + drops, 0);
          expect(found.load).toBeCloseTo(paint / (paint + found.water), 6);
          expect(found.writtenLoad).toBeCloseTo(1 / (1 + waterParts), 9);
        },
      ),
    );
  });
});
