import fc from 'fast-check';
import { recipeWith, stepWith } from '../../testing/sampleRecipe';
import { isNarrow, placesOf } from './placesOf';
import { shareBelow } from '../place/formField';
import { ribbonStops } from '../place/toneAxis';
import { wetVolumeMl } from '../../predicted/buildUp/wetVolume';

const placed = (from: number, to: number) =>
  stepWith({ id: 'line', placement: { from, to, softness: 0, pull: 'even' } });
const tone = fc.double({ min: 0, max: 1, noNaN: true });

test('a line between two stops is looked at between them, and takes paint by its area', () => {
  const step = placed(0.95, 0.96);
  expect(isNarrow(step)).toBe(true);
  expect(placesOf(step).some((at) => at > 0.95 && at < 0.96)).toBe(true);
  const narrow = wetVolumeMl(step, recipeWith([step]), { form: 'folds' });
  const whole = wetVolumeMl(placed(0, 1), recipeWith([step]), { form: 'folds' });
  expect(narrow / whole).toBeCloseTo(shareBelow(0.96, 'folds') - shareBelow(0.95, 'folds'), 3);
});

test('places rise from 0 to 1, hold every stop, and no line that is any width takes nothing', () => {
  fc.assert(
    fc.property(tone, tone, (one, other) => {
      const step = placed(Math.min(one, other), Math.max(one, other));
      const places = placesOf(step);
      expect([...places].sort((a, b) => a - b)).toEqual(places);
      expect(places).toEqual(expect.arrayContaining([...ribbonStops]));
      if (Math.abs(one - other) > 1e-4)
        expect(wetVolumeMl(step, recipeWith([step]), { form: 'folds' })).toBeGreaterThan(0);
    }),
  );
});
