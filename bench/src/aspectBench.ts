import {
  adviseRecipe,
  BuildUpPredictor,
  drawForm,
  formNames,
  paintedForm,
  recipeSchema,
  shapeOf,
  shelfOf,
  type FormName,
  type Recipe,
  type Step,
} from '@yellow-ledger/core';
import { edited, fortySteps, pots } from './fortySteps';
import { medianMs, ms, times } from './measure';

const shelf = shelfOf(pots);
const frameMs = 16.7;
const wantedMs = 80;
const size = 320;

/** Seven aims that overlap, and a spot of each kind: with the plain one, eight aspects or nine. */
const aims: NonNullable<Step['placement']['aim']>[] = [
  { facing: { side: 'down', within: 75 } },
  { facing: { side: 'up', within: 60 } },
  { facing: { side: 'left', within: 80 } },
  { height: { from: 0.6, to: 1, softness: 0.2 } },
  { spot: 'small' },
  { spot: 'broad' },
  { facing: { side: 'front', within: 40 }, height: { from: 0.3, to: 0.7, softness: 0.2 } },
];

/** Forty lines, every second one of them aimed at one of seven things. */
export function aimedSteps(form: FormName): Recipe {
  const recipe = fortySteps();
  return {
    ...recipe,
    form,
    spots: [
      { id: 'small', name: 'Small', share: 0.02 },
      { id: 'broad', name: 'Broad', share: 0.15, at: [{ u: 0.4, v: 0.5 }] },
    ],
    steps: recipe.steps.map((step, i) => {
      const aim = i % 2 === 1 ? aims[((i - 1) / 2) % aims.length] : undefined;
      return aim ? { ...step, placement: { ...step.placement, aim } } : step;
    }),
  };
}

/** The cost of editing one line with eight aspects, and of drawing a form with aims. */
export function benchAspects(): void {
  const recipe = aimedSteps('folds');
  console.log('\nBuild-up and remarks of 40 steps in 8 aspects at 24 stops');
  for (const [what, line, change] of [
    ['coats of the first line', 0, edited],
    ['coats of the middle line', 20, edited],
    ['coats of the last line', 39, edited],
    ['the aim of a middle line', 21, turned],
  ] as const) {
    const predictor = new BuildUpPredictor();
    let aspects = predictor.predict(recipe, shelf).aspects.length + 1;
    const predicted = medianMs((round) => {
      const draft = recipeSchema.parse(change(recipe, line, round));
      aspects = predictor.predict(draft, shelf).aspects.length + 1;
    }, 40);
    const advised = medianMs((round) => {
      const draft = recipeSchema.parse(change(recipe, line, round));
      adviseRecipe(draft, predictor.predict(draft, shelf), shelf);
    }, 20);
    console.log(
      `  ${what.padEnd(26)} ${aspects} aspects   ${ms(predicted)}   ${times(predicted / frameMs)} a frame; with remarks ${ms(advised)}`,
    );
  }
  console.log(`\nForm at ${size} × ${size} with eight aims: worked out anew, and drawn`);
  for (const form of formNames) {
    const aimed = aimedSteps(form);
    const shape = shapeOf(aimed);
    const ribbon = paintedForm(aimed, shelf);
    drawForm({ shape, view: 'front', size, ribbon, light: 'above' });
    const worked = medianMs((round) => void paintedForm(edited(aimed, 0, round), shelf), 9);
    const drawn = medianMs(
      () => void drawForm({ shape, view: 'front', size, ribbon, light: 'above' }),
      9,
    );
    console.log(
      `  ${form.padEnd(6)} ${String(ribbon.aimed?.looks.length).padStart(3)} looks ${ms(worked)}; drawn ${ms(drawn)}   ${times((worked + drawn) / wantedMs)} of ${wantedMs} ms`,
    );
  }
}

/** One aim turned further about: every aspect is counted out anew. */
function turned(recipe: Recipe, line: number, round: number): Recipe {
  return {
    ...recipe,
    steps: recipe.steps.map((step, i) =>
      i === line
        ? {
            ...step,
            placement: {
              ...step.placement,
              aim: { facing: { side: 'down' as const, within: 20 + (round % 100) } },
            },
          }
        : step,
    ),
  };
}
