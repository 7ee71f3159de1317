import type { Step } from '../../written/recipe/step';
import fc from 'fast-check';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { recipeSchema, type Recipe } from '../../written/recipe/recipe';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { anyRecipe } from '../../testing/anyRecipe';
import {
  mixOf,
  potWith,
  recipeWith,
  shelf as sampleShelf,
  stepWith,
} from '../../testing/sampleRecipe';
import { adviseRecipe } from './adviseRecipe';
import { applyFix } from './fixes/fix';
import { ruleNames, type RuleName } from './remark';
import { runs } from '../../testing/longTests';

const shelf = shelfOf([
  ...sampleShelf.values(),
  potWith({ id: 'empty', swatch: '#9a6428', volumeMl: 0 }),
  potWith({ id: 'retired', swatch: '#9b6529', retired: true }),
  potWith({ id: 'alone', swatch: '#00e0ff', retired: true }),
  potWith({ id: 'private-x', swatch: '#00e0ff', retired: true }),
  potWith({ id: 'rust', kind: 'wash', swatch: '#5c2c12', hiding: 0.06 }),
  potWith({ id: 'soot', kind: 'wash', swatch: '#101012', hiding: 0.25 }),
  potWith({ id: 'matt', kind: 'varnish', finish: 'matt', hiding: 0 }),
  potWith({ id: 'gloss', kind: 'varnish', finish: 'gloss', hiding: 0 }),
  potWith({ id: 'neon', swatch: '#ff4fa0', hiding: 0.3, finish: 'fluorescent' }),
  potWith({ id: 'pale', kind: 'primer', swatch: '#efeee9', hiding: 0.9 }),
]);

const remarksOf = (recipe: Recipe) => adviseRecipe(recipe, predictBuildUp(recipe, shelf), shelf);
const speaks = (rule: RuleName, recipe: Recipe) =>
  remarksOf(recipe).filter((remark) => remark.rule === rule);

const brown = stepWith({ id: 'brown', mix: mixOf({ brown: 1 }), coats: 2 });
const yellow = stepWith({ id: 'yellow', mix: mixOf({ yellow: 1 }), coats: 12 });
const glowing = stepWith({ id: 'glowing', mix: mixOf({ neon: 1 }), coats: 2 });
const overWhite = { groundPotId: 'white' };
const light = stepWith({
  id: 'light',
  stage: 'highlight',
  technique: 'layer',
  mix: mixOf({ brown: 1, bone: 1 }),
  coats: 2,
  placement: { from: 0.6, to: 1, softness: 0.1, pull: 'up' },
});
const point = stepWith({
  id: 'point',
  stage: 'detail',
  technique: 'point',
  mix: mixOf({ white: 1 }),
  coats: 4,
});
const filter = stepWith({
  id: 'filter',
  stage: 'glaze',
  technique: 'filter',
  mix: mixOf({ brown: 1 }, { mediumParts: 2 }),
  coats: 2,
});
const wash = stepWith({
  id: 'wash',
  stage: 'shade',
  technique: 'allOverWash',
  mix: mixOf({ wash: 1 }),
});
const metal = stepWith({ id: 'metal', mix: mixOf({ copper: 1 }), coats: 2 });

const damp = stepWith({
  id: 'damp',
  technique: 'dampBrush',
  mix: { parts: [], waterParts: 0, mediumParts: 0 },
});
const again = { ...damp, id: 'again' };
const gloss = stepWith({ id: 'gloss', stage: 'finish', mix: mixOf({ gloss: 1 }) });
const middle = { from: 0.4, to: 0.6, softness: 0.1 };
const aimed = ({ placement }: Step, aim: Step['placement']['aim']): Step['placement'] => ({
  ...placement,
  ...(aim && { aim }),
});
const withCopper = (brownParts: number) =>
  stepWith({ id: 'mixed', mix: mixOf({ copper: 1, brown: brownParts }), coats: 2 });

const edgeOn = (from: number, to: number) =>
  stepWith({
    id: 'edge',
    stage: 'highlight',
    technique: 'edgeLine',
    mix: mixOf({ bone: 1 }, { waterParts: 1 }),
    placement: { from, to, softness: 0.02, pull: 'even' },
  });
const dryBrush = (waterParts: number) =>
  stepWith({
    id: 'dry',
    stage: 'highlight',
    technique: 'dryBrush',
    mix: mixOf({ bone: 1 }, { waterParts }),
  });
const glazedRed = (glaze: string) => [
  stepWith({ id: 'red', mix: mixOf({ red: 1 }), coats: 4 }),
  { ...filter, mix: mixOf({ [glaze]: 1 }, { waterParts: 2 }), coats: 5 },
];

/** Where each rule speaks, and where it must stay silent. */
const examples: [RuleName, string, Recipe, boolean][] = [
  ['doesNotCover', 'one coat of yellow over black', recipeWith([{ ...yellow, coats: 1 }]), true],
  ['doesNotCover', 'two coats of brown over black', recipeWith([brown]), false],
  ['doesNotCover', 'a filter is not there to cover', recipeWith([brown, filter]), false],
  ['coatsWasted', 'six coats of brown', recipeWith([{ ...brown, coats: 6 }]), true],
  ['coatsWasted', 'one coat to even it out', recipeWith([brown]), false],
  [
    'starkJump',
    'bone with a hard end on brown',
    recipeWith([
      brown,
      {
        ...light,
        mix: mixOf({ bone: 1 }),
        placement: { from: 0.6, to: 1, softness: 0, pull: 'up' },
      },
    ]),
    true,
  ],
  [
    'starkJump',
    'the same with a soft end',
    recipeWith([brown, { ...light, mix: mixOf({ bone: 1 }) }]),
    false,
  ],
  [
    'starkJump',
    'a stark sketch that a filter will unify',
    recipeWith([
      brown,
      {
        ...light,
        mix: mixOf({ bone: 1 }),
        placement: { from: 0.6, to: 1, softness: 0, pull: 'up' },
      },
      filter,
    ]),
    false,
  ],
  [
    'unseenStep',
    'brown over the same brown',
    recipeWith([brown, { ...light, mix: mixOf({ brown: 1 }) }]),
    true,
  ],
  ['unseenStep', 'a lighter layer', recipeWith([brown, light]), false],
  [
    'unseenStep',
    'a varnish is there for its finish',
    recipeWith([brown, stepWith({ id: 'v', stage: 'finish', mix: mixOf({ matt: 1 }) })]),
    false,
  ],
  [
    'darkUpward',
    'a dark layer on what faces up',
    recipeWith([brown, { ...light, mix: mixOf({ black: 1 }) }]),
    true,
  ],
  ['darkUpward', 'a light one', recipeWith([brown, light]), false],
  ['darkUpward', 'a single flat coat', recipeWith([brown]), false],
  [
    'shadeKillsHue',
    'black in the shade of yellow',
    recipeWith([yellow, { ...wash, mix: mixOf({ soot: 1 }) }], overWhite),
    true,
  ],
  [
    'shadeKillsHue',
    'a rust wash on yellow',
    recipeWith([yellow, { ...wash, mix: mixOf({ rust: 1 }) }], overWhite),
    false,
  ],
  [
    'shadeKillsHue',
    'black on a dull brown has no hue to kill',
    recipeWith([
      stepWith({ id: 'g', mix: mixOf({ bone: 1, black: 1 }), coats: 2 }),
      { ...wash, mix: mixOf({ soot: 1 }) },
    ]),
    false,
  ],
  [
    'washedOut',
    'red lightened with white',
    recipeWith([
      stepWith({ id: 'r', mix: mixOf({ red: 1 }), coats: 3 }),
      { ...light, mix: mixOf({ white: 1 }), coats: 6 },
    ]),
    true,
  ],
  [
    'washedOut',
    'red lightened towards yellow',
    recipeWith([
      stepWith({ id: 'r', mix: mixOf({ red: 1 }), coats: 3 }),
      { ...light, mix: mixOf({ red: 1, yellow: 2 }), coats: 4 },
    ]),
    false,
  ],
  [
    'filterOverPoints',
    'a black filter over the points',
    recipeWith([brown, point, { ...filter, mix: mixOf({ black: 1 }, { mediumParts: 2 }) }]),
    true,
  ],
  [
    'filterOverPoints',
    'a white point that is tinted: it was put there for that',
    recipeWith([brown, point, { ...filter, mix: mixOf({ yellow: 1 }, { mediumParts: 2 }) }]),
    false,
  ],
  ['filterOverPoints', 'the points after the filter', recipeWith([brown, filter, point]), false],
  [
    'filterOverPoints',
    'the points again after it',
    recipeWith([brown, point, filter, { ...point, id: 'again', restores: 'filter' }]),
    false,
  ],
  [
    'washOverFinished',
    'an all-over wash after the highlights',
    recipeWith([brown, light, wash]),
    true,
  ],
  ['washOverFinished', 'a wash before them', recipeWith([brown, wash, light]), false],
  [
    'oneCoatGround',
    'one-coat over black',
    recipeWith([stepWith({ id: 'o', technique: 'oneCoat', mix: mixOf({ yellow: 1 }) })]),
    true,
  ],
  [
    'oneCoatGround',
    'one-coat over white',
    recipeWith([stepWith({ id: 'o', technique: 'oneCoat', mix: mixOf({ yellow: 1 }) })], overWhite),
    false,
  ],
  [
    'tooThin',
    'eighteen parts of water alone',
    recipeWith([{ ...filter, mix: mixOf({ brown: 1 }, { waterParts: 18 }) }]),
    true,
  ],
  [
    'tooThin',
    'a filter as thin as filters usually are',
    recipeWith([{ ...filter, mix: mixOf({ brown: 1 }, { waterParts: 8 }) }]),
    false,
  ],
  [
    'tooThin',
    'eight parts of medium',
    recipeWith([{ ...filter, mix: mixOf({ brown: 1 }, { mediumParts: 8 }) }]),
    false,
  ],
  [
    'tooThin',
    'one part of water',
    recipeWith([{ ...brown, mix: mixOf({ brown: 1 }, { waterParts: 1 }) }]),
    false,
  ],
  [
    'unmeasurable',
    'one in thirty for one small model',
    recipeWith([{ ...brown, mix: mixOf({ brown: 30, bone: 1 }) }], { models: 1, areaCm2: 2 }),
    true,
  ],
  [
    'unmeasurable',
    'one in thirty for an army',
    recipeWith([{ ...brown, mix: mixOf({ brown: 30, bone: 1 }) }], { models: 60 }),
    false,
  ],
  [
    'unmeasurable',
    'two to one for one model',
    recipeWith([{ ...brown, mix: mixOf({ brown: 2, bone: 1 }) }], { models: 1, areaCm2: 2 }),
    false,
  ],
  [
    'chalkyDryBrush',
    'bone dry-brushed on black',
    recipeWith([
      stepWith({ id: 'b', mix: mixOf({ black: 1 }) }),
      stepWith({ id: 'd', technique: 'dryBrush', mix: mixOf({ bone: 1 }) }),
    ]),
    true,
  ],
  [
    'chalkyDryBrush',
    'a little lighter brown on brown',
    recipeWith([
      brown,
      stepWith({ id: 'd', technique: 'dryBrush', mix: mixOf({ brown: 3, bone: 1 }) }),
    ]),
    false,
  ],
  [
    'metallicDulled',
    'a matt varnish over metal',
    recipeWith([metal, stepWith({ id: 'v', stage: 'finish', mix: mixOf({ matt: 1 }) })]),
    true,
  ],
  [
    'metallicDulled',
    'a gloss varnish over metal',
    recipeWith([metal, stepWith({ id: 'v', stage: 'finish', mix: mixOf({ gloss: 1 }) })]),
    false,
  ],
  [
    'metallicDulled',
    'a matt wash with metal after it',
    recipeWith([metal, wash, { ...light, mix: mixOf({ copper: 1 }) }]),
    false,
  ],
  [
    'metallicDulled',
    'a matt varnish over cloth',
    recipeWith([brown, stepWith({ id: 'v', stage: 'finish', mix: mixOf({ matt: 1 }) })]),
    false,
  ],
  [
    'groundGone',
    'a recipe below that was deleted',
    recipeWith([brown], { ground: { recipeId: 'nobody', version: null } }),
    true,
  ],
  ['groundGone', 'a primer', recipeWith([brown]), false],
  ['potGone', 'an empty pot', recipeWith([{ ...brown, mix: mixOf({ empty: 1 }) }]), true],
  ['potGone', 'a retired pot', recipeWith([{ ...brown, mix: mixOf({ retired: 1 }) }]), true],
  ['potGone', 'a pot nobody has looked into', recipeWith([brown]), false],
  [
    'skippedDrying',
    'a layer two minutes after a wash',
    recipeWith([brown, { ...wash, dryMinutes: 2 }, light]),
    true,
  ],
  [
    'skippedDrying',
    'no minutes written, which the plan reckons itself',
    recipeWith([brown, { ...wash, dryMinutes: 0 }, light]),
    false,
  ],
  [
    'skippedDrying',
    'a wet blend at once',
    recipeWith([
      { ...brown, coats: 1, dryMinutes: 0 },
      stepWith({ id: 'w', technique: 'wetBlend', mix: mixOf({ bone: 1 }) }),
    ]),
    false,
  ],
  [
    'skippedDrying',
    'a dry brush dries at once',
    recipeWith([
      brown,
      stepWith({
        id: 'd',
        technique: 'dryBrush',
        mix: mixOf({ brown: 3, bone: 1 }),
        dryMinutes: 0,
      }),
      light,
    ]),
    false,
  ],
  ['caution', 'spraying', recipeWith([stepWith({ id: 's', technique: 'spray' })]), true],
  ['caution', 'brushing', recipeWith([brown]), false],
  [
    'identity',
    'a black half covered in lights',
    recipeWith([
      stepWith({ id: 'b', mix: mixOf({ black: 1 }) }),
      {
        ...light,
        mix: mixOf({ white: 1 }),
        coats: 4,
        placement: { from: 0.53, to: 1, softness: 0.02, pull: 'up' },
      },
    ]),
    true,
  ],
  [
    'identity',
    'a black with a fine light',
    recipeWith([
      stepWith({ id: 'b', mix: mixOf({ black: 1 }) }),
      {
        ...light,
        mix: mixOf({ black: 2, bone: 1 }),
        placement: { from: 0.9, to: 1, softness: 0.02, pull: 'up' },
      },
    ]),
    false,
  ],
  [
    'identity',
    'a red that was begun black',
    recipeWith([
      stepWith({ id: 'b', mix: mixOf({ black: 1 }) }),
      stepWith({ id: 'r', technique: 'layer', mix: mixOf({ red: 1 }), coats: 4 }),
    ]),
    false,
  ],
  [
    'opaqueGlaze',
    'a glaze of neat brown',
    recipeWith([brown, { ...filter, technique: 'placedGlaze', mix: mixOf({ bone: 1 }) }]),
    true,
  ],
  [
    'opaqueGlaze',
    'a glaze of 1 : 2, however many passes',
    recipeWith([brown, { ...filter, coats: 9 }]),
    false,
  ],
  ['metalInMatt', 'copper in three of brown', recipeWith([withCopper(3)]), true],
  ['metalInMatt', 'copper with a little brown', recipeWith([withCopper(0.25)]), false],
  [
    'narrowBand',
    'a strip as “raised” once wrote it',
    recipeWith([brown, { ...light, placement: { ...light.placement, from: 0.59, to: 0.73 } }]),
    true,
  ],
  [
    'narrowBand',
    'a strip somebody chose by hand',
    recipeWith([brown, { ...light, placement: { ...light.placement, from: 0.5, to: 0.8 } }]),
    false,
  ],
  ['narrowBand', 'from raised up to the point', recipeWith([brown, light]), false],
  ['nothingWet', 'a damp brush on the bare ground', recipeWith([damp, brown]), true],
  [
    'nothingWet',
    'a damp brush after a dry one',
    recipeWith([brown, { ...light, technique: 'dryBrush' }, damp]),
    true,
  ],
  ['nothingWet', 'a damp brush on a layer, twice', recipeWith([brown, light, damp, again]), false],
  ['glows', 'fluorescent pink on white', recipeWith([glowing], overWhite), true],
  ['glows', 'ordinary pink', recipeWith([light], overWhite), false],
  ['overVarnish', 'a light on gloss', recipeWith([brown, gloss, light]), true],
  ['overVarnish', 'gloss for a wash to run on', recipeWith([brown, gloss, wash, light]), false],
  ['overVarnish', 'gloss at the end', recipeWith([brown, light, gloss]), false],
  [
    'coveredLater',
    'yellow under brown all over',
    recipeWith([yellow, { ...brown, coats: 4 }], overWhite),
    true,
  ],
  ['coveredLater', 'brown that shows in the folds', recipeWith([brown, light]), false],
  [
    'coveredLater',
    'brown that shows where the later brown is not aimed',
    recipeWith(
      [
        yellow,
        { ...brown, coats: 4, placement: aimed(brown, { facing: { side: 'up', within: 90 } }) },
      ],
      overWhite,
    ),
    false,
  ],
  [
    'unseenStep',
    'a second brown over a brown that has a white underside',
    recipeWith([
      { ...brown, coats: 6 },
      {
        ...light,
        mix: mixOf({ white: 1 }),
        placement: aimed(brown, { facing: { side: 'down', within: 80 } }),
      },
      { ...brown, id: 'again', technique: 'layer', stage: 'layer' },
    ]),
    false,
  ],
  [
    'aimedNowhere',
    'a light from root to tip on a gem',
    recipeWith([brown, { ...light, placement: aimed(light, { along: middle }) }], { form: 'gem' }),
    true,
  ],
  [
    'aimedNowhere',
    'a light for a spot that is gone',
    recipeWith([brown, { ...light, placement: aimed(light, { spot: 'scar' }) }]),
    true,
  ],
  [
    'aimedNowhere',
    'a light down the middle of a cloak',
    recipeWith([brown, { ...light, placement: aimed(light, { along: middle }) }]),
    false,
  ],
  ['outOfPlace', 'an edge line over everything', recipeWith([brown, edgeOn(0, 1)]), true],
  ['outOfPlace', 'an edge line on the edges', recipeWith([brown, edgeOn(0.87, 1)]), false],
  [
    'outOfPlace',
    'an edge line over everything of a spot',
    recipeWith([brown, { ...edgeOn(0, 1), placement: aimed(edgeOn(0, 1), { spot: 'emblem' }) }], {
      spots: [{ id: 'emblem', name: 'Emblem', share: 0.1 }],
    }),
    false,
  ],
  [
    'wrongWay',
    'a highlight of black',
    recipeWith([brown, { ...light, mix: mixOf({ black: 1 }) }]),
    true,
  ],
  ['wrongWay', 'a highlight of bone', recipeWith([brown, light]), false],
  [
    'wrongWay',
    'a shade of white',
    recipeWith([brown, { ...light, stage: 'shade', mix: mixOf({ white: 1 }) }]),
    true,
  ],
  ['wetDryBrush', 'a dry brush with two parts of water', recipeWith([brown, dryBrush(2)]), true],
  ['wetDryBrush', 'a dry brush of neat paint', recipeWith([brown, dryBrush(0)]), false],
  [
    'milkyGlaze',
    'white over red as a filter',
    recipeWith([
      stepWith({ id: 'red', mix: mixOf({ red: 1 }), coats: 3 }),
      { ...filter, mix: mixOf({ white: 1 }, { waterParts: 2 }), coats: 4 },
    ]),
    true,
  ],
  [
    'milkyGlaze',
    'white over white as a filter',
    recipeWith([{ ...filter, mix: mixOf({ white: 1 }, { waterParts: 2 }), coats: 4 }], overWhite),
    false,
  ],
  [
    'barePrimer',
    'a first coat on the middle alone',
    recipeWith([{ ...brown, placement: { ...brown.placement, ...middle } }]),
    true,
  ],
  ['barePrimer', 'a first coat everywhere', recipeWith([brown]), false],
  [
    'bandHighlight',
    'a highlight that stops below the crown',
    recipeWith([brown, { ...light, placement: { ...light.placement, from: 0.55, to: 0.72 } }]),
    true,
  ],
  ['bandHighlight', 'one that goes up to the point', recipeWith([brown, light]), false],
  ['greyedLights', 'black glazed over red', recipeWith(glazedRed('black')), true],
  ['greyedLights', 'red glazed over red', recipeWith(glazedRed('red')), false],
];

test.each(examples)('%s: %s', (rule, _what, recipe, isSaid) => {
  expect(speaks(rule, recipe).length > 0).toBe(isSaid);
});

test('every rule has an example where it speaks and one where it is silent', () => {
  expect.hasAssertions();
  for (const rule of ruleNames) {
    const said = examples.filter(([name]) => name === rule).map(([, , , isSaid]) => isSaid);
    expect([...new Set(said)].sort()).toEqual([false, true]);
  }
});

/** Rules whose first mend may leave some of the jump they speak of, as long as it is smaller. */
const lessening: RuleName[] = ['starkJump', 'chalkyDryBrush'];

/** Mends that are to silence their own rule. */
const mended = examples.filter(
  ([rule, , recipe, isSaid]) =>
    isSaid && speaks(rule, recipe).some(({ fixes }) => fixes.length > 0),
);

test.each(mended)('%s: the first mend of “%s” mends it', (rule, _what, recipe) => {
  const before = speaks(rule, recipe);
  const remark = before.find(({ fixes }) => fixes.length > 0)!;
  const after = applyFix(recipe, remark.fixes[0]);
  expect(recipeSchema.safeParse(after).success).toBe(true);
  const left = speaks(rule, after).filter(({ stepId }) => stepId === remark.stepId);
  if (!lessening.includes(rule)) expect(left).toEqual([]);
  for (const { figure } of left) expect(figure.value).toBeLessThan(remark.figure.value);
});

test('most rules have a mend', () => {
  expect(new Set(mended.map(([rule]) => rule)).size).toBeGreaterThanOrEqual(13);
});

test('any recipe can be advised on, and any mend leaves a recipe', () => {
  fc.assert(
    fc.property(anyRecipe, (recipe) => {
      for (const { fixes, figure } of remarksOf(recipe)) {
        expect(Number.isFinite(figure.value)).toBe(true);
        for (const fix of fixes)
          expect(recipeSchema.safeParse(applyFix(recipe, fix)).success).toBe(true);
      }
    }),
    { numRuns: runs(60) },
  );
});

test('an empty recipe and a recipe of one line have nothing silly said of them', () => {
  expect(remarksOf(recipeWith([]))).toEqual([]);
  expect(remarksOf(recipeWith([brown]))).toEqual([]);
});

test('a mend for a line that is gone by now changes nothing', () => {
  const recipe = recipeWith([brown]);
  const [{ fixes }] = speaks('doesNotCover', recipeWith([{ ...yellow, coats: 1 }]));
  expect(
    applyFix(recipe, {
      label: '',
      changes: [{ do: 'insertAfter', stepId: 'nobody', step: yellow }],
    }),
  ).toEqual(recipe);
  expect(applyFix(recipe, fixes[0]).steps).toEqual(recipe.steps);
});

test('a pot that nothing on the shelf comes near has no stand-in', () => {
  const [remark] = speaks('potGone', recipeWith([{ ...brown, mix: mixOf({ alone: 1 }) }]));
  expect(remark).toMatchObject({ sentence: 'alone is retired.', fixes: [] });
});

test('a pot another member keeps to themselves is not said to be retired', () => {
  const [remark] = speaks('potGone', recipeWith([{ ...brown, mix: mixOf({ 'private-x': 1 }) }]));
  expect(remark.sentence).toBe('private-x is another member’s own.');
});

test('an empty ground is told of the whole recipe, and another primer is offered', () => {
  const emptied = shelfOf([
    ...shelf.values(),
    potWith({ id: 'dry', kind: 'primer', swatch: '#1b1b1d', volumeMl: 0 }),
  ]);
  const recipe = recipeWith([brown], { groundPotId: 'dry' });
  const [remark] = adviseRecipe(recipe, predictBuildUp(recipe, emptied), emptied);
  expect(remark).toMatchObject({ rule: 'potGone', stepId: null });
  expect(applyFix(recipe, remark.fixes[0]).groundPotId).toBe('black');
});

test('passes of the finish level are mended at that level and left alone at the others', () => {
  const recipe = recipeWith([{ ...yellow, coats: 2, coatsAt: { table: 1 } }], {
    groundPotId: 'brown',
  });
  const [{ fixes }] = speaks('doesNotCover', recipe);
  const [mended] = applyFix(recipe, fixes[0]).steps;
  expect(mended.coats).toBe(2);
  expect(mended.coatsAt?.table).toBeGreaterThan(1);
});

test('a full recipe takes no line more, however much it is mended', () => {
  const full = recipeWith(Array.from({ length: 60 }, (_, i) => ({ ...brown, id: `b${i}` })));
  const fix = { label: '', changes: [{ do: 'insertAfter' as const, stepId: 'b3', step: brown }] };
  expect(applyFix(full, fix)).toEqual(full);
});

test('a line put in twice has an identifier of its own each time', () => {
  const fix = {
    label: '',
    changes: [{ do: 'insertBefore' as const, stepId: 'brown', step: { ...brown, id: 'new' } }],
  };
  const twice = applyFix(applyFix(recipeWith([brown]), fix), fix);
  expect(twice.steps.map(({ id }) => id)).toEqual(['new', 'new-2', 'brown']);
});

test('nobody is told to count out more parts than anybody does', () => {
  const stark = {
    ...light,
    mix: mixOf({ bone: 97, white: 2 }),
    placement: { from: 0.6, to: 1, softness: 0, pull: 'up' as const },
  };
  const [{ fixes }] = speaks('starkJump', recipeWith([brown, stark]));
  expect(fixes.map(({ label }) => label)).toEqual(['Soften its end']);
});
