import fc from 'fast-check';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import { anyRecipe } from '../../testing/anyRecipe';
import { furthestApart } from '../../testing/arbitraries';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { CarryError, flattenMix } from './flattenMix';
import type { Mix } from '../mix/mix';
import { mixedColour, mixedPaint, UnknownPotError } from '../../predicted/paint/mixedPaint';
import { recipeSchema } from './recipe';

const carrying = (stepId: string, parts = 1): Mix => ({
  parts: [{ from: 'step', stepId, parts }],
  waterParts: 0,
  mediumParts: 0,
});

test('one part of 3 A + 1 B with one part of C is A 3/8, B 1/8, C 1/2', () => {
  const first = stepWith({ id: 'first', mix: mixOf({ yellow: 3, brown: 1 }) });
  const mix: Mix = {
    ...carrying('first'),
    parts: [...carrying('first').parts, { from: 'pot', potId: 'white', parts: 1 }],
  };
  expect(flattenMix(mix, [first])).toEqual([
    { potId: 'yellow', share: 0.375 },
    { potId: 'brown', share: 0.125 },
    { potId: 'white', share: 0.5 },
  ]);
});

test('a mix of mixes is the flattened mix, to the last band', () => {
  fc.assert(
    fc.property(anyRecipe, ({ steps }) => {
      // The mix of mixes, stirred step by step from paints and never written back to pots.
      const stirred = new Map<string, ReturnType<typeof mixOptics>>();
      for (const [index, { id, mix }] of steps.entries()) {
        if (mix.parts.length === 0) continue;
        const optics = mixOptics(
          mix.parts.map((part) => ({
            parts: part.parts,
            optics:
              part.from === 'pot'
                ? mixedPaint([{ potId: part.potId, share: 1 }], shelf)
                : stirred.get(part.stepId)!,
          })),
        );
        stirred.set(id, optics);
        const flattened = mixedPaint(flattenMix(mix, steps.slice(0, index)), shelf);
        if (furthestApart(masstoneOf(optics), masstoneOf(flattened)) > 1e-9) return false;
      }
      return true;
    }),
  );
});

test('shares add up to one, or there are none where there is no paint', () => {
  fc.assert(
    fc.property(anyRecipe, ({ steps }) =>
      steps.every(({ mix }, index) => {
        const shares = flattenMix(mix, steps.slice(0, index));
        if (mix.parts.length === 0) return shares.length === 0;
        return Math.abs(shares.reduce((sum, { share }) => sum + share, 0) - 1) < 1e-9;
      }),
    ),
  );
});

test('a mix that carries itself, or a later line, forward is refused', () => {
  const self = stepWith({ id: 'self', mix: carrying('self') });
  expect(() => flattenMix(self.mix, [])).toThrow(CarryError);
  expect(() => flattenMix(self.mix, [self])).toThrow(CarryError);
  const refused = recipeSchema.safeParse(recipeWith([self]));
  expect(refused.error?.issues[0].message).toContain('a mix cannot carry itself');
  const early = stepWith({ id: 'early', mix: carrying('late') });
  const late = stepWith({ id: 'late' });
  expect(recipeSchema.safeParse(recipeWith([early, late])).success).toBe(false);
  expect(recipeSchema.safeParse(recipeWith([late, early])).success).toBe(true);
});

test('sixty lines that each carry the one above twice are worked out at once', () => {
  const steps = [stepWith({ id: 'l0' })];
  for (let line = 1; line < 60; line++) {
    const twice = carrying(`l${line - 1}`);
    steps.push(
      stepWith({ id: `l${line}`, mix: { ...twice, parts: [...twice.parts, ...twice.parts] } }),
    );
  }
  expect(flattenMix(steps[59].mix, steps.slice(0, 59))).toEqual([{ potId: 'brown', share: 1 }]);
});

test('the colour of a mix says whether it is an estimate, and whether it is clear', () => {
  expect(mixedColour(mixOf({ yellow: 1, guessed: 1 }), [], shelf).isEstimate).toBe(true);
  expect(mixedColour(mixOf({ yellow: 1, copper: 1 }), [], shelf).isEstimate).toBe(true);
  expect(mixedColour(mixOf({ yellow: 1, medium: 1 }), [], shelf).isEstimate).toBe(false);
  expect(mixedColour(mixOf({ medium: 1 }), [], shelf).isClear).toBe(true);
});

test('medium stirred in lowers K and S and leaves the masstone alone', () => {
  const neat = mixedColour(mixOf({ yellow: 1 }), [], shelf).colour;
  const letDown = mixedColour(mixOf({ yellow: 1, medium: 3 }), [], shelf).colour;
  expect(letDown.hex).toBe(neat.hex);
  const paint = mixedPaint(flattenMix(mixOf({ yellow: 1, medium: 3 }), []), shelf);
  const whole = mixedPaint([{ potId: 'yellow', share: 1 }], shelf);
  expect(paint.scattering[0]).toBeCloseTo(whole.scattering[0] / 4, 12);
});

test('a pot that is not on the shelf is named', () => {
  expect(() => mixedColour(mixOf({ lost: 1 }), [], shelf)).toThrow(UnknownPotError);
  expect(() => mixedColour(mixOf({ lost: 1 }), [], shelf)).toThrow('no pot lost');
});

test('a mix of everything still has a colour of its own', () => {
  const all = mixedPaint(flattenMix(mixOf({ yellow: 1, blue: 1, red: 1, white: 1 }), []), shelf);
  expect(surfaceColour(masstoneOf(all)).chroma).toBeLessThan(30);
});
