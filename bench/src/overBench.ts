import {
  adviseRecipe,
  BuildUpPredictor,
  layersOn,
  onEachOther,
  shelfOf,
  glowSchools,
  unitGlow,
  type Army,
  type PointLight,
  type Recipe,
  type Unit,
} from '@yellow-ledger/core';
import { edited, fortySteps, pots } from './fortySteps';
import { medianMs, ms, times } from './measure';

const shelf = shelfOf(pots);
const surfaces = 12;
const linesBelow = 8;
const wantedMs = 100;

const part = (id: string, from: number, count: number, part: Partial<Recipe> = {}): Recipe => {
  const recipe = fortySteps();
  const steps = recipe.steps.slice(from, from + count).map((step) => ({
    ...step,
    mix: { ...step.mix, parts: step.mix.parts.filter(({ from: source }) => source === 'pot') },
  }));
  return {
    ...recipe,
    ...part,
    id,
    steps: steps.filter(({ mix }) => mix.parts.length > 0),
  };
};

/** The cost of editing something that goes over twelve surfaces, with three on each other. */
export function benchOvers(): void {
  const below = Array.from({ length: surfaces }, (_, i) => part(`s${i}`, i, linesBelow));
  const overs = [0, 1, 2].map((i) => part(`o${i}`, 20 + 4 * i, 4));
  const aimed = overs[2].steps.map((step, i) => ({
    ...step,
    placement: {
      ...step.placement,
      aim: { facing: { side: 'left' as const, within: 80 - 15 * i } },
    },
  }));
  const recipes = new Map([...below, ...overs].map((each) => [each.id, each]));
  const unit: Unit = {
    id: 'unit',
    name: 'Unit',
    models: 10,
    size: 'foot',
    areaCm2: 24,
    parts: [],
    surfaces: below.map(({ id }) => ({
      id,
      name: id,
      surface: 'cloth',
      share: 1 / surfaces,
      recipe: { recipeId: id, version: null },
    })),
    overs: overs.map(({ id }) => ({
      id,
      name: id,
      recipe: { recipeId: id, version: null },
      surfaces: 'all',
    })),
  };
  const army: Army = { id: 'army', name: 'Army', scheme: [], units: [unit], notes: '' };
  const light = { at: [0.5, 0.5, 0.3], hex: '#ffc66b', strength: 3, reach: 2 } satisfies PointLight;
  const everywhere: Unit = {
    ...unit,
    overs: [],
    surfaces: unit.surfaces.map((surface) => ({ ...surface, places: ['arms', 'chest', 'hands'] })),
  };
  const sixty = shelfOf(
    Array.from({ length: 60 }, (_, i) => ({
      ...pots[i % pots.length],
      id: pots[i]?.id ?? `x${i}`,
    })),
  );
  let lit = 0;
  console.log(`\nLight from a point on ${surfaces} surfaces, from 60 pots`);
  for (const { name: school } of glowSchools)
    for (const hasShade of [false, true]) {
      const glowing = medianMs(() => {
        const recipeOf = ({ recipeId }: { recipeId: string }) => recipes.get(recipeId);
        const glow = unitGlow(army, everywhere, recipeOf, sixty, light, { school, hasShade });
        lit = Array.from({ length: glow.surfaces }, (_, i) => glow.look(i)).filter(
          ({ because }) => because === null,
        ).length;
      }, 5);
      const what = `${school}${hasShade ? ', with the shade' : ''}, ${lit} lit`;
      console.log(`  ${what.padEnd(44)} ${ms(glowing)}   ${times(glowing / 2000)} of 2 s`);
    }
  console.log(`\nThree overs on ${surfaces} surfaces of ${linesBelow} lines, one of them edited`);
  for (const [what, third] of [
    ['plain', overs[2]],
    ['aimed at one side', { ...overs[2], steps: aimed }],
  ] as const) {
    const predictors = new Map<string, BuildUpPredictor>();
    const spentOn = (isAdvised: boolean) =>
      medianMs((round) => {
        recipes.set(third.id, edited(third, 0, round));
        for (const { id } of unit.surfaces) {
          const layers = layersOn(army, unit, id, (pin) => recipes.get(pin.recipeId));
          const laid = onEachOther(
            layers.map(({ recipe }) => recipe),
            shelf,
          );
          laid.recipes.slice(1).forEach((recipe, over) => {
            const key = `${id} ${over}`;
            const predictor = predictors.get(key) ?? new BuildUpPredictor();
            predictors.set(key, predictor);
            const build = predictor.predict(recipe, laid.shelf);
            if (isAdvised) adviseRecipe(recipe, build, laid.shelf);
          });
        }
      }, 15);
    const [spent, advised] = [spentOn(false), spentOn(true)];
    console.log(
      `  ${what.padEnd(20)} ${ms(spent)}   ${times(spent / wantedMs)} of ${wantedMs} ms; with remarks ${ms(advised)}`,
    );
  }
}
