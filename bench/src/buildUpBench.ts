import {
  BuildUpPredictor,
  depositOf,
  flattenMix,
  layOver,
  mixOptics,
  predictBuildUp,
  recipeSchema,
  ribbonStops,
  shelfOf,
  solveOptics,
  solveReflectance,
  surfaceColour,
  type Recipe,
  type Spectrum,
} from '@yellow-ledger/core';
import { edited, fortySteps, pots } from './fortySteps';
import { medianMs, ms, times } from './measure';

const shelf = shelfOf(pots);
const byId = new Map(pots.map((pot) => [pot.id, pot]));

/** Every step at every stop from the swatches up, nothing kept: how one would first write it. */
function nestedLoop(recipe: Recipe): string[][] {
  const primer = byId.get(recipe.groundPotId)!;
  let surface: Spectrum[] = ribbonStops.map(() => solveReflectance(primer.swatch));
  return recipe.steps.map((step, line) => {
    surface = surface.map((below, i) => {
      const shares = flattenMix(step.mix, recipe.steps.slice(0, line));
      const paint = mixOptics(
        shares.map(({ potId, share }) => {
          const { swatch, hiding } = byId.get(potId)!;
          return { parts: share, optics: solveOptics(solveReflectance(swatch), hiding) };
        }),
      );
      return layOver(below, paint, depositOf(step, paint, ribbonStops[i]));
    });
    return surface.map((place) => surfaceColour(place).hex);
  });
}

export function benchBuildUp(): void {
  const recipe = fortySteps();
  console.log('\nPredicting 40 steps at 24 stops after an edit of one step');
  const loop = medianMs(() => void nestedLoop(recipe), 3);
  console.log(`  plain nested loop, nothing kept           ${ms(loop)}`);
  const plain = medianMs((round) => void predictBuildUp(edited(recipe, 20, round), shelf), 9);
  console.log(`  plain, but pots solved once               ${ms(plain)}`);
  for (const [where, line] of [
    ['first', 0],
    ['middle', 20],
    ['last', 39],
  ] as const) {
    const predictor = new BuildUpPredictor();
    predictor.predict(recipe, shelf);
    const quick = medianMs((round) => {
      // As in the worker: what comes in a message is checked first.
      predictor.predict(recipeSchema.parse(edited(recipe, line, round)), shelf);
    }, 60);
    console.log(
      `  predictor, ${where.padEnd(6)} step edited            ${ms(quick)}   ${times(loop / quick)} the nested loop, ${times(plain / quick)} the plain`,
    );
  }
}
