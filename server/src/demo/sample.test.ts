import {
  colourDifference,
  colourOfHex,
  potSchema,
  predictBuildUp,
  recipeSchema,
  reflectanceFromHex,
  ledgerFileOf,
  readLedgerFile,
  shelfOf,
  surfaceColour,
} from '@yellow-ledger/core';
import { samplePast } from './samplePast';
import { samplePots } from './samplePots';
import { sampleRecipes } from './sampleRecipes';

const shelf = shelfOf(samplePots);
const lastOf = (id: string) => {
  const recipe = sampleRecipes.find((each) => each.id === id)!;
  return predictBuildUp(recipe, shelf).steps.at(-1)!.surface;
};

test.each(samplePots)('$name is a pot, and its swatch comes back within 0.1 ΔE00', (pot) => {
  expect(potSchema.safeParse(pot).success).toBe(true);
  const back = surfaceColour(reflectanceFromHex(pot.swatch));
  expect(colourDifference(back, colourOfHex(pot.swatch))).toBeLessThanOrEqual(0.1);
});

test.each(sampleRecipes)('$name is a recipe that can be predicted', (recipe) => {
  expect(recipeSchema.safeParse(recipe).success).toBe(true);
  expect(predictBuildUp(recipe, shelf).steps).toHaveLength(recipe.steps.length);
});

test.each(['oilskin-shadow', 'oilskin-restored', 'reed-cloak', 'weathered-skin'])(
  'the finished surface of %s gets lighter from pit to point, in small steps',
  (id) => {
    const values = lastOf(id).map(({ value }) => value);
    values.slice(1).forEach((value, i) => expect(value).toBeGreaterThan(values[i] - 4));
    expect(values[23] - values[0]).toBeGreaterThan(25);
  },
);

test('both oilskins end in the same family of yellow, though one began black and one grey', () => {
  const [shadow, restored] = ['oilskin-shadow', 'oilskin-restored'].map((id) => lastOf(id)[15]);
  for (const yellow of [shadow, restored]) {
    expect(yellow.hue).toBeGreaterThan(70);
    expect(yellow.hue).toBeLessThan(95);
    expect(yellow.chroma).toBeGreaterThan(45);
  }
  expect(colourDifference(shadow, restored)).toBeLessThan(12);
});

test('lantern glass glows: amber and strong in the deep, pale where the flame is', () => {
  const glass = lastOf('lantern-glass');
  expect(glass[1].chroma).toBeGreaterThan(70);
  expect(glass[18].value).toBeGreaterThan(glass[1].value + 15);
});

test('everything made with metallics is an estimate', () => {
  const helm = sampleRecipes.find(({ id }) => id === 'copper-helm')!;
  expect(predictBuildUp(helm, shelf).steps.every(({ isEstimate }) => isEstimate)).toBe(true);
});

test('the demo’s two months are some 1,500 entries by three, taken in as any file is', async () => {
  const { log, pots, army, benches, palettes } = samplePast(Date.UTC(2026, 10, 27, 12));
  expect(log.length).toBeGreaterThan(1100);
  expect(new Set(log.map(({ by }) => by)).size).toBe(3);
  const file = ledgerFileOf({
    pots,
    recipes: sampleRecipes,
    armies: [army],
    benches,
    log,
    palettes,
  });
  expect(readLedgerFile(JSON.stringify(file))).toHaveProperty('file');
});
