import { colourOfHex } from '../../light/colour/colourOfHex';
import { hueApart } from '../../light/colour/hueApart';
import { finishedSurface } from '../../predicted/buildUp/buildUp';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { recipeSchema, type Recipe } from '../../written/recipe/recipe';
import { practicePots } from '../../testing/practice/practicePots';
import { practiceRecipe } from '../../testing/practice/practiceRecipe';
import { recolouring, type RecolourAsked } from './recolour';
import { midOfRecipe } from './recolourTargets';

const shelf = shelfOf(practicePots);
const yellow = practiceRecipe({
  name: 'yellow oilskin',
  surface: 'cloth',
  ground: 'bogoak',
  lines: [
    'base brushCoat ×2 | 1 ochre : 0.5 water',
    'shade recessWash ×1 | 1 brownwash : 1 medium',
    'layer layer ×3 | 2 marigold + 1 ochre : 0.5 water | 0.35–1 soft 0.12 up',
    'highlight layer ×3 | 1 @3 + 1 marigold : 0.5 water | 0.55–1 soft 0.12 up',
    'highlight layer ×2 | 1 marigold + 1 cream : 1 water | 0.72–1 soft 0.1 up',
    'detail point ×1 | 1 cream + 1 white : 0.5 water',
  ],
});
const recoloured = (recipe: Recipe, asked: Partial<RecolourAsked> = {}) => {
  const looking = recolouring(recipe, { mid: '#6a4a86', held: [], ...asked }, shelf);
  for (let line = 0; line < looking.lines; line++) looking.look(line);
  return looking.result();
};
const midOf = (recipe: Recipe) => midOfRecipe(recipe, predictBuildUp(recipe, shelf));

test('from yellow to violet: a recipe that is violet, each light above the one before', () => {
  const { recipe, lines } = recoloured(yellow);
  expect(recipeSchema.safeParse(recipe).success).toBe(true);
  expect(Math.abs(hueApart(midOf(recipe).hue, colourOfHex('#6a4a86').hue))).toBeLessThan(25);
  const valueOf = (number: number) =>
    lines.find(({ stepId }) => stepId === yellow.steps[number - 1].id)?.after.value ?? NaN;
  for (const [lower, upper] of [
    [1, 3],
    [3, 4],
    [4, 5],
    [5, 6],
  ])
    expect(valueOf(upper)).toBeGreaterThan(valueOf(lower) + 1);
});

test('the light steps stay: every mix found is as light as it was looked for, within 3 L*', () => {
  expect.hasAssertions();
  for (const mid of ['#6a4a86', '#2c6b3a', '#8a4634'])
    for (const { target, after } of recoloured(yellow, { mid }).lines)
      if (target) expect(Math.abs(after.value - target.value)).toBeLessThan(3);
});

test('into its own mid nothing moves far', () => {
  expect.hasAssertions();
  const { hex } = midOf(yellow);
  for (const { before, target } of recoloured(yellow, { mid: hex }).lines)
    if (target) {
      expect(Math.abs(target.value - before.value)).toBeLessThan(1.5);
      expect(Math.abs(target.a - before.a) + Math.abs(target.b - before.b)).toBeLessThan(6);
    }
});

test('a wash stays a wash, and a pot that is held stays where it is', () => {
  const kinds = (recipe: Recipe, line: number) =>
    recipe.steps
      .filter(({ id }) => id === yellow.steps[line - 1].id)
      .flatMap(({ mix }) =>
        mix.parts.flatMap((part) => (part.from === 'pot' ? [shelf.get(part.potId)?.kind] : [])),
      );
  const { recipe } = recoloured(yellow);
  expect(new Set(kinds(recipe, 2))).toEqual(new Set(['wash']));
  const held = recoloured(yellow, { held: ['cream'] });
  for (const line of [5, 6]) {
    const id = yellow.steps[line - 1].id;
    expect(held.recipe.steps.find((step) => step.id === id)?.mix).toEqual(
      yellow.steps[line - 1].mix,
    );
    expect(held.lines.find(({ stepId }) => stepId === id)?.target).toBeNull();
  }
});

test('what covered covers again on what is below it now', () => {
  expect.hasAssertions();
  const { recipe } = recoloured(yellow, { mid: '#e9d27a' });
  const build = predictBuildUp(recipe, shelf);
  recipe.steps.forEach((step, index) => {
    const { coverage } = build.steps[index];
    const was = yellow.steps.find(({ id }) => id === step.id);
    if (coverage && was && coverage.coats !== null && coverage.coats <= 5)
      expect(step.coats).toBeGreaterThanOrEqual(Math.min(was.coats, coverage.coats));
  });
});

test('dark and light said by the painter are its ends', () => {
  const { lines } = recoloured(yellow, { mid: '#6a4a86', dark: '#22304f', light: '#ecc9ac' });
  const targets = lines.flatMap(({ target }) => (target ? [target] : []));
  const darkest = targets.reduce((one, other) => (other.value < one.value ? other : one));
  const palest = targets.reduce((one, other) => (other.value > one.value ? other : one));
  expect(Math.abs(darkest.value - colourOfHex('#22304f').value)).toBeLessThan(2);
  expect(Math.abs(palest.value - colourOfHex('#ecc9ac').value)).toBeLessThan(2);
});

test('a lantern’s light on one side does not turn with the cloak', () => {
  const cloak = practiceRecipe({
    name: 'lantern cloak',
    surface: 'cloth',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 navy : 0.5 water',
      'highlight layer ×2 | 1 navy + 1 blue : 1 water | 0.5–1 soft 0.12 up',
      'glaze placedGlaze ×3 | 1 orange : 7 water | 0.35–1 soft 0.25 up @ left 80',
    ],
  });
  const { recipe } = recoloured(cloak, { mid: '#2c6b3a' });
  expect(recipe.steps.at(-1)?.mix).toEqual(cloak.steps.at(-1)?.mix);
  expect(finishedSurface(predictBuildUp(recipe, shelf))[12].hue).not.toBeCloseTo(
    finishedSurface(predictBuildUp(cloak, shelf))[12].hue,
    0,
  );
});
