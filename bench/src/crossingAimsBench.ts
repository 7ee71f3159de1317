import {
  BuildUpPredictor,
  colourDifference,
  everyAspect,
  formOf,
  mainBuildUps,
  randomFrom,
  readsAsWhole,
} from '@yellow-ledger/core';
import { crossingAims } from '../../core/src/testing/crossingAims';
import { readsAsPlaceByPlace } from '../../core/src/testing/placeByPlace';
import { shelf } from '../../core/src/testing/sampleRecipe';

const seeds = (process.env.SEEDS ?? '3501,3502').split(',').map(Number);
const recipesASeed = 40;
/** Cells along each side of the form that the plain computation goes through. */
const fineness = 72;

/** Recipes of two to six crossing aims at arm's length, against a computation place by place. */
export function benchCrossingAims(): void {
  console.log(
    '\nCrossing aims at arm’s length: prediction by aspects against place by place, ΔE00',
  );
  for (const seed of seeds) {
    const chance = randomFrom(seed);
    const errors: number[] = [];
    const aspects: number[] = [];
    const named: number[] = [];
    for (let recipe = 0; recipe < recipesASeed; recipe++) {
      const aimed = crossingAims(chance);
      const build = new BuildUpPredictor().predict(aimed, shelf);
      const truth = readsAsPlaceByPlace(aimed, shelf, fineness);
      errors.push(colourDifference(readsAsWhole(build, formOf(aimed)), truth));
      aspects.push(everyAspect(build).length);
      named.push(mainBuildUps(build).length);
    }
    const at = (figures: number[], part: number) =>
      figures.sort((one, other) => one - other)[Math.ceil(part * (figures.length - 1))];
    console.log(
      `  seed ${seed}: median ${at(errors, 0.5).toFixed(2)}, nine of ten ${at(errors, 0.9).toFixed(2)}, worst ${at(errors, 1).toFixed(2)}; aspects ${at(aspects, 0.5)} (most ${at(aspects, 1)}), named ${at(named, 0.5)}`,
    );
  }
}
