import fc from 'fast-check';
import { moveStep } from '../../written/lines/moveStep';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { recipeSchema, type Recipe } from '../../written/recipe/recipe';
import { isStillMeant } from '../../written/recipe/setAside';
import { withoutStep } from '../../written/lines/withoutStep';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { mixOf, potWith, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { adviseRecipe } from './adviseRecipe';
import { applyFix } from './fixes/fix';
import type { RuleName } from './remark';
import { bringBackFix, setAsideFix } from './setAside';

const remarksOf = (recipe: Recipe) => adviseRecipe(recipe, predictBuildUp(recipe, shelf), shelf);
const said = (recipe: Recipe, rule: RuleName) =>
  remarksOf(recipe).find((remark) => remark.rule === rule);
const thin = (id: string, waterParts: number) =>
  stepWith({ id, coats: 12, mix: mixOf({ brown: 1 }, { waterParts }) });
const light = stepWith({
  id: 'light',
  stage: 'highlight',
  technique: 'layer',
  mix: mixOf({ brown: 1, bone: 1 }),
  coats: 2,
});

const asked = recipeWith([thin('base', 8), light]);
const answered = applyFix(asked, setAsideFix(said(asked, 'tooThin')!, asked));

test('what is meant so is kept in the recipe, said no more, and can be brought back', () => {
  expect(recipeSchema.parse(answered)).toEqual(answered);
  const aside = said(answered, 'tooThin')!;
  expect(aside.isSetAside).toBe(true);
  const again = applyFix(answered, bringBackFix(aside, answered));
  expect(said(again, 'tooThin')!.isSetAside).toBe(false);
});

test('it stays silent after a small change and speaks again after a large one', () => {
  const thinned = (waterParts: number) =>
    recipeWith([{ ...answered.steps[0], mix: { ...answered.steps[0].mix, waterParts } }, light]);
  expect(said(thinned(9), 'tooThin')!.isSetAside).toBe(true);
  expect(said(thinned(16), 'tooThin')!.isSetAside).toBe(false);
});

test('it goes with its line: deleted, duplicated, moved', () => {
  const without = withoutStep(answered, 'base');
  expect(without.steps.flatMap(({ setAside }) => setAside ?? [])).toEqual([]);
  const twice = recipeWith([...answered.steps, { ...answered.steps[0], id: 'copy' }]);
  expect(twice.steps[2].setAside).toEqual(answered.steps[0].setAside);
  const moved = moveStep(answered, 'base', 1);
  if ('carrier' in moved) throw new Error('nothing carries it');
  expect(said(moved, 'tooThin')!.isSetAside).toBe(true);
});

test('a remark on the whole is set aside with the recipe, and forked with it', () => {
  const black = recipeWith([
    stepWith({ id: 'b', mix: mixOf({ black: 1 }) }),
    {
      ...light,
      mix: mixOf({ white: 1 }),
      coats: 4,
      placement: { from: 0.53, to: 1, softness: 0.02, pull: 'up' },
    },
  ]);
  const meant = applyFix(black, setAsideFix(said(black, 'identity')!, black));
  expect(said(meant, 'identity')!.isSetAside).toBe(true);
  expect(said({ ...meant, id: 'fork' }, 'identity')!.isSetAside).toBe(true);
});

test('a figure is still meant within a fifth of it, whichever way', () => {
  fc.assert(
    fc.property(fc.double({ min: -100, max: 100, noNaN: true }), (value) => {
      expect(isStillMeant({ value }, value)).toBe(true);
      expect(isStillMeant({ value }, value * 1.1)).toBe(true);
      expect(isStillMeant({ value }, value * 2)).toBe(value === 0 || Math.abs(value) < 1e-8);
    }),
  );
});

test('the same remark on five lines is one that names five lines, mended and set aside in one press', () => {
  const five = recipeWith([1, 2, 3, 4, 5].map((n) => thin(`base-${n}`, 8)));
  const remarks = remarksOf(five).filter(({ rule }) => rule === 'tooThin');
  expect(remarks).toHaveLength(1);
  expect(remarks[0].sentence).toMatch(/So of lines 2, 3, 4 and 5\.$/);
  const mended = applyFix(
    five,
    remarks[0].fixes.find(({ label }) => label === 'Mend all 5')!,
  );
  expect(said(mended, 'tooThin')).toBeUndefined();
  const meant = applyFix(five, setAsideFix(remarks[0], five));
  expect(meant.steps.every(({ setAside }) => setAside?.[0]?.rule === 'tooThin')).toBe(true);
  expect(said(meant, 'tooThin')!.isSetAside).toBe(true);
});

const odd = shelfOf([
  ...shelf.values(),
  potWith({ id: 'glow', swatch: '#101010', finish: 'fluorescent' }),
  potWith({ id: 'opaqueWash', kind: 'wash', hiding: 1, swatchShows: 'one coat over white' }),
]);

test.each([
  [
    'nothing but glazes',
    [1, 2, 3].map((n) =>
      stepWith({
        id: `g${n}`,
        stage: 'glaze',
        technique: 'filter',
        mix: mixOf({ red: 1 }, { mediumParts: 8 }),
      }),
    ),
  ],
  ['one clear medium', [stepWith({ id: 'm', mix: mixOf({ medium: 1 }) })]],
  ['a fluorescent black', [stepWith({ id: 'f', mix: mixOf({ glow: 1 }), coats: 2 })]],
  [
    'a wash that hides all',
    [stepWith({ id: 'w', technique: 'allOverWash', mix: mixOf({ opaqueWash: 1 }) })],
  ],
])('%s is looked at without a wrong word', (_what, steps) => {
  for (const groundPotId of ['black', 'white', 'medium']) {
    const recipe = recipeWith(steps, { groundPotId });
    const remarks = adviseRecipe(recipe, predictBuildUp(recipe, odd), odd);
    expect(remarks.filter(({ kind }) => kind === 'objection')).toEqual([]);
  }
});
