import {
  adviseRecipe,
  BuildUpPredictor,
  recipeSchema,
  shelfOf,
  stoppingPoints,
  valueStaircase,
} from '@yellow-ledger/core';
import { edited, fortySteps, pots } from './fortySteps';
import { medianMs, ms, times } from './measure';

const shelf = shelfOf(pots);
const frameMs = 16.7;

/** Everything the page says after an edit: build-up with coverage, remarks, staircase, stops. */
export function benchAdvice(): void {
  const recipe = fortySteps();
  console.log(
    '\nBuild-up, coverage, remarks, staircase and stops of 40 steps after an edit of one',
  );
  for (const [where, line] of [
    ['first', 0],
    ['middle', 20],
    ['last', 39],
  ] as const) {
    const predictor = new BuildUpPredictor();
    let remarks = 0;
    const median = medianMs((round) => {
      const draft = recipeSchema.parse(edited(recipe, line, round));
      const build = predictor.predict(draft, shelf);
      remarks = adviseRecipe(draft, build, shelf).length;
      valueStaircase(build);
      stoppingPoints(draft, build, shelf);
    }, 60);
    console.log(
      `  ${where.padEnd(6)} step edited, ${String(remarks).padStart(3)} remarks          ${ms(median)}   ${times(median / frameMs)} a frame of 16.7 ms`,
    );
  }
}
