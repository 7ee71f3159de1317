import fc from 'fast-check';
import type { MixPart } from '../written/mix/mix';
import { pulls } from '../written/place/placement';
import type { Recipe } from '../written/recipe/recipe';
import { finishLevels, stages, type Step } from '../written/recipe/step';
import { lifts, techniqueNames } from '../written/technique/techniques';
import { pots, recipeWith } from './sampleRecipe';

const potIds = Object.keys(pots);
const unit = fc.double({ min: 0, max: 1, noNaN: true });

const anyPlacement = fc
  .tuple(unit, unit, fc.double({ min: 0, max: 0.5, noNaN: true }), fc.constantFrom(...pulls))
  .map(([one, other, softness, pull]) => ({
    from: Math.min(one, other),
    to: Math.max(one, other),
    softness,
    pull,
  }));

/** A part drawn from a pot, or from an earlier line where `carry` is even and there is one. */
const anyPart = fc.record({
  potId: fc.constantFrom(...potIds),
  carry: fc.nat(7),
  parts: fc.integer({ min: 1, max: 5 }),
});

const anyStep = fc.record({
  stage: fc.constantFrom(...stages),
  technique: fc.constantFrom(...techniqueNames),
  parts: fc.array(anyPart, { minLength: 1, maxLength: 3 }),
  waterParts: fc.constantFrom(0, 1, 2, 0.5),
  mediumParts: fc.constantFrom(0, 1),
  coats: fc.integer({ min: 1, max: 4 }),
  placement: anyPlacement,
  level: fc.constantFrom(...finishLevels),
  isOut: fc.nat(5).map((one) => one === 0),
  displayCoats: fc.integer({ min: 1, max: 12 }),
  repairs: fc.nat(24),
});

/** Any valid recipe over the sample pots: mixes carried forward, lines switched out, repairs. */
export const anyRecipe: fc.Arbitrary<Recipe> = fc
  .record({
    steps: fc.array(anyStep, { minLength: 1, maxLength: 8 }),
    groundPotId: fc.constantFrom('black', 'white', 'brown'),
    finishLevel: fc.constantFrom(...finishLevels),
  })
  .map(({ steps, ...head }) => {
    const written = steps.map((drawn, index): Step => {
      const { parts, waterParts, mediumParts, isOut, displayCoats, repairs, ...step } = drawn;
      const holdsPaint = !lifts(step.technique);
      return {
        ...step,
        ...(isOut ? { isOut } : {}),
        ...(displayCoats === step.coats ? {} : { coatsAt: { display: displayCoats } }),
        ...(repairs < index ? { restores: `s${repairs}` } : {}),
        id: `s${index}`,
        mix: {
          parts: (holdsPaint ? parts : []).map(({ potId, carry, parts: count }): MixPart =>
            carry % 2 === 0 && carry < index && !lifts(steps[carry].technique)
              ? { from: 'step', stepId: `s${carry}`, parts: count }
              : { from: 'pot', potId, parts: count },
          ),
          waterParts,
          mediumParts,
        },
        dryMinutes: 10,
        note: '',
      };
    });
    return recipeWith(written, head);
  });
