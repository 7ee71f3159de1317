import { surfaceColour } from '../../light/colour/surfaceColour';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { colourOfLab } from '../../light/colour/colourOfLab';
import { shelfOf, type Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import type { Pot } from '../../written/pot/pot';

/** Numbers from 0 to 1 that are the same for the same seed. @source mulberry32, public domain */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = state;
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** The same recipe by another hand: thinned, placed and softened a little otherwise. */
export function byAnotherHand(recipe: Recipe, seed: number): Recipe {
  const draw = seeded(seed ^ hash(recipe.name));
  const about = (figure: number, by: number) => figure * (1 + by * (2 * draw() - 1));
  const end = (at: number) =>
    at <= 0 || at >= 1 ? at : Math.min(0.98, Math.max(0.02, at + 0.04 * (2 * draw() - 1)));
  return {
    ...recipe,
    steps: recipe.steps.map((step) => {
      const from = end(step.placement.from);
      return {
        ...step,
        mix: {
          ...step.mix,
          waterParts: about(step.mix.waterParts, 0.25),
          mediumParts: about(step.mix.mediumParts, 0.25),
        },
        placement: {
          ...step.placement,
          from,
          to: Math.max(from, end(step.placement.to)),
          softness: about(step.placement.softness, 0.25),
        },
      };
    }),
  };
}

/** The same pots of another maker: a little lighter or darker, redder or greener, thinner or denser. */
export function ofAnotherMaker(pots: readonly Pot[], seed: number): Shelf {
  return shelfOf(
    pots.map((pot) => {
      const draw = seeded(seed ^ hash(pot.id));
      const { value, a, b } = surfaceColour(reflectanceFromHex(pot.swatch));
      const shift = () => 5 * (2 * draw() - 1);
      return {
        ...pot,
        swatch: colourOfLab(Math.min(97, Math.max(8, value + shift())), a + shift(), b + shift())
          .hex,
        hiding:
          pot.hiding === 0
            ? 0
            : Math.min(0.98, Math.max(0.02, pot.hiding + 0.08 * (2 * draw() - 1))),
      };
    }),
  );
}

const hash = (text: string) =>
  [...text].reduce((sum, sign) => (Math.imul(sum, 31) + sign.charCodeAt(0)) | 0, 7);
