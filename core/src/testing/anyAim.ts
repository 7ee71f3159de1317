import fc from 'fast-check';
import { sideNames, type WrittenAim } from '../written/place/aim';
import { formNames } from '../written/place/forms';
import { lightNames } from '../written/place/light';
import { sectionWayNames, type Spot } from '../written/place/shape';
import type { Placement } from '../written/place/placement';
import type { Recipe } from '../written/recipe/recipe';
import { anyRecipe } from './anyRecipe';

const unit = fc.double({ min: 0, max: 1, noNaN: true });

const anyStretch = fc
  .tuple(unit, unit, fc.double({ min: 0, max: 0.5, noNaN: true }))
  .map(([one, other, softness]) => ({
    from: Math.min(one, other),
    to: Math.max(one, other),
    softness,
  }));

export const anySpots: fc.Arbitrary<Spot[]> = fc.constant([
  { id: 'lips', name: 'Lips', share: 0.03 },
  { id: 'scar', name: 'Scar', share: 0.1, at: [{ u: 0.6, v: 0.7 }] },
  { id: 'nothing', name: 'Nothing', share: 0 },
]);

/** An aim of one to four parts; its spot may be one the recipe has not. */
export const anyAim: fc.Arbitrary<WrittenAim> = fc.record(
  {
    facing: fc.record({
      side: fc.constantFrom(...sideNames),
      within: fc.double({ min: 0, max: 180, noNaN: true }),
    }),
    along: anyStretch,
    height: anyStretch,
    spot: fc.constantFrom('lips', 'scar', 'nothing', 'gone'),
  },
  { requiredKeys: [] },
);

/** A last coat within the first. */
function withLast(placement: Placement, shrink: number): Placement {
  const { from, to, aim } = placement;
  const towards = (first: number, end: number) => first + (end - first) * shrink;
  const ends = (first: { from: number; to: number }) => ({
    from: towards(first.from, (first.from + first.to) / 2),
    to: towards(first.to, (first.from + first.to) / 2),
  });
  return {
    ...placement,
    last: {
      ...ends({ from, to }),
      ...(aim?.facing && { within: aim.facing.within * (1 - shrink) }),
      ...(aim?.along && { along: ends(aim.along) }),
    },
  };
}

/** Any valid recipe some of whose lines are aimed, some with coats that shrink, on any form. */
export const anyAimedRecipe: fc.Arbitrary<Recipe> = fc
  .record({
    recipe: anyRecipe,
    spots: anySpots,
    aims: fc.array(fc.option(anyAim), { minLength: 8, maxLength: 8 }),
    shrinks: fc.array(fc.option(unit), { minLength: 8, maxLength: 8 }),
    form: fc.constantFrom(...formNames),
    light: fc.constantFrom(...lightNames),
    sections: fc.option(
      fc.record({
        count: fc.integer({ min: 2, max: 6 }),
        way: fc.constantFrom(...sectionWayNames),
      }),
      { nil: undefined },
    ),
  })
  .map(({ recipe, aims, shrinks, sections, ...head }) => ({
    ...recipe,
    ...head,
    ...(sections && { sections }),
    steps: recipe.steps.map((step, i) => {
      const aim = aims[i];
      const aimed = aim ? { ...step.placement, aim } : step.placement;
      const shrink = shrinks[i];
      return { ...step, placement: shrink === null ? aimed : withLast(aimed, shrink) };
    }),
  }));
