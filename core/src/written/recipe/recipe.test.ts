import fc from 'fast-check';
import { fieldErrors, sentenceOf } from '../record/fieldErrors';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { flattenMix } from './flattenMix';
import type { Mix } from '../mix/mix';
import { loadWords, mixWords, partsWords, thinningWords } from '../mix/mixWords';
import { moveStep } from '../lines/moveStep';
import { insidePlacement, pulledShare } from '../place/placement';
import { recipeSchema, type Recipe } from './recipe';
import { techniqueOf } from '../technique/techniques';
import { techniqueNames } from '../technique/techniques';
import { carriersOf, withoutStep } from '../lines/withoutStep';
import { runs } from '../../testing/longTests';

const step = stepWith({ id: 'one' });
const refusal = (part: object) => {
  const recipe = recipeWith([{ ...step, ...part }]);
  const error = recipeSchema.safeParse(recipe).error;
  return error ? sentenceOf(fieldErrors(error, recipe)[0]) : '';
};

test.each([
  [{ mix: mixOf({ brown: 0 }) }, 'parts is 0; it should be parts above 0'],
  [{ mix: mixOf({ brown: -2 }) }, 'parts is -2; it should be'],
  [{ mix: mixOf({ brown: 1e9 }) }, 'parts is 1000000000; it should be parts above 0 and up to 100'],
  [{ mix: mixOf({}) }, 'at least one pot'],
  [{ mix: mixOf({ brown: 1 }, { waterParts: 60 }) }, 'waterParts is 60; it should be 0 to 30'],
  [{ coats: 0 }, 'coats is 0; it should be a whole number from 1 to 12'],
  [{ coats: 1.5 }, 'coats is 1.5; it should be a whole number'],
  [
    { placement: { from: 0.9, to: 0.2, softness: 0, pull: 'up' } },
    'at or above where the placement',
  ],
  [{ technique: 'glitter' }, 'technique is "glitter"; it should be one of spray'],
  [{ hue: 3 }, 'no field called "hue"'],
])('a line with %j is refused by name', (part, sentence) => {
  expect(refusal(part)).toContain(sentence);
});

test('200 lines are refused, and the limit is said', () => {
  const steps = Array.from({ length: 200 }, (_, i) => stepWith({ id: `s${i}` }));
  expect(recipeSchema.safeParse(recipeWith(steps)).error?.issues[0].message).toBe(
    'at most 60 lines',
  );
});

test('two lines with one identifier are refused', () => {
  expect(recipeSchema.safeParse(recipeWith([step, step])).success).toBe(false);
});

test('a long wrong value is quoted short', () => {
  const recipe = recipeWith([], { name: 'y'.repeat(10_000) });
  const errors = fieldErrors(recipeSchema.safeParse(recipe).error!, recipe);
  expect(errors[0].value.length).toBeLessThan(100);
  expect(errors[0].value).toContain('10002 characters');
});

describe('placement', () => {
  const band = { from: 0.4, to: 0.8, softness: 0.1, pull: 'up' } as const;

  test('is full inside, empty outside, half at its ends', () => {
    expect(insidePlacement(0.6, band)).toBe(1);
    expect(insidePlacement(0.2, band)).toBe(0);
    expect(insidePlacement(0.4, band)).toBeCloseTo(0.5, 12);
  });

  test('with hard ends stops where it stops', () => {
    expect(insidePlacement(0.39, { ...band, softness: 0 })).toBe(0);
    expect(insidePlacement(0.4, { ...band, softness: 0 })).toBe(1);
  });

  test('gives more to the end strokes finish at, and as much in all', () => {
    expect(pulledShare(0.8, band, 0.5)).toBeCloseTo(1.5, 12);
    expect(pulledShare(0.4, { ...band, pull: 'down' }, 0.5)).toBeCloseTo(1.5, 12);
    expect(pulledShare(0.6, band, 0.5)).toBeCloseTo(1, 12);
  });

  test.each(techniqueNames)('%s lays a finite amount, never less than nothing', (name) => {
    const { deposit, usualPlacement, spreads } = techniqueOf(name);
    for (let at = 0; at <= 1; at += 0.02) {
      const amount = deposit(at, usualPlacement, 1);
      expect(amount).toBeGreaterThanOrEqual(0);
      expect(amount).toBeLessThanOrEqual(spreads === 'area' ? 1 : 2.5);
    }
  });

  test('every technique that sprays carries its caution', () => {
    for (const name of ['spray', 'sprayFromAbove'] as const)
      expect(techniqueOf(name).caution).toContain('maker’s sheet');
  });
});

describe('taking a line out', () => {
  test('writes its mix out where it was carried forward: no colour changes', () => {
    fc.assert(
      fc.property(anyRecipe, fc.nat(7), (recipe, nth) => {
        const gone = recipe.steps[nth % recipe.steps.length];
        const left = withoutStep(recipe, gone.id);
        expect(left.steps).toHaveLength(recipe.steps.length - 1);
        expect(carriersOf(left.steps, gone.id)).toHaveLength(0);
        for (const [index, now] of left.steps.entries()) {
          const was = recipe.steps.findIndex(({ id }) => id === now.id);
          const before = flattenMix(recipe.steps[was].mix, recipe.steps.slice(0, was));
          const after = new Map(
            flattenMix(now.mix, left.steps.slice(0, index)).map((s) => [s.potId, s.share]),
          );
          for (const { potId, share } of before) expect(after.get(potId)).toBeCloseTo(share, 9);
        }
      }),
      { numRuns: runs(60) },
    );
  });

  test('keeps whole parts whole and small', () => {
    const first = stepWith({ id: 'first', mix: mixOf({ yellow: 3, brown: 1 }) });
    const second: Mix = {
      parts: [
        { from: 'step', stepId: 'first', parts: 2 },
        { from: 'pot', potId: 'white', parts: 1 },
      ],
      waterParts: 0,
      mediumParts: 0,
    };
    const recipe = recipeWith([first, stepWith({ id: 'second', mix: second })]);
    expect(withoutStep(recipe, 'first').steps[0].mix.parts.map(({ parts }) => parts)).toEqual([
      3, 1, 2,
    ]);
  });
});

describe('moving a line', () => {
  const carried: Mix = {
    parts: [{ from: 'step', stepId: 'a', parts: 1 }],
    waterParts: 0,
    mediumParts: 0,
  };
  const recipe = recipeWith([
    stepWith({ id: 'a' }),
    stepWith({ id: 'b' }),
    stepWith({ id: 'c', mix: carried }),
  ]);
  const order = (moved: ReturnType<typeof moveStep>) => (moved as Recipe).steps.map(({ id }) => id);

  test('puts it there', () => {
    expect(order(moveStep(recipe, 'b', 0))).toEqual(['b', 'a', 'c']);
    expect(order(moveStep(recipe, 'b', 99))).toEqual(['a', 'c', 'b']);
    expect(moveStep(recipe, 'nobody', 1)).toBe(recipe);
  });

  test('is refused where a mix would be carried forward from below', () => {
    const refusal = { carrier: 3, carried: 1, because: 'carries' };
    expect(moveStep(recipe, 'c', 0)).toEqual(refusal);
    expect(moveStep(recipe, 'a', 2)).toEqual(refusal);
  });
});

describe('words', () => {
  const names = (id: string) => (id === 'yellow' ? 'Marigold Clay' : 'Fen Umber');
  test('say a mix and its thinning both ways round', () => {
    const mix = mixOf({ yellow: 3, brown: 1 }, { waterParts: 2 });
    expect(mixWords(mix, names, () => 1)).toBe('3 Marigold Clay + 1 Fen Umber');
    expect(
      mixWords(
        mix,
        () => 'צהוב',
        () => 1,
      ),
    ).toBe('3 \u2068צהוב\u2069 + 1 \u2068צהוב\u2069');
    expect(thinningWords(mix)).toBe('1 paint : 2 water');
    expect(loadWords(mix)).toBe('33 % paint');
    expect(thinningWords(mixOf({ yellow: 1 }))).toBe('neat');
    expect(thinningWords(mixOf({ yellow: 1 }, { waterParts: 0.5, mediumParts: 1 }))).toBe(
      '1 paint : ½ water : 1 medium',
    );
    expect(loadWords(mixOf({ yellow: 1 }, { waterParts: 30 }))).toBe('3.2 % paint');
  });

  test('name the line a mix is carried forward from', () => {
    const parts: Mix['parts'] = [
      { from: 'step', stepId: 'x', parts: 2 },
      { from: 'pot', potId: 'yellow', parts: 1.5 },
    ];
    expect(mixWords({ parts, waterParts: 0, mediumParts: 0 }, names, () => 3)).toBe(
      '2 of line 3 + 1½ Marigold Clay',
    );
    expect(partsWords(0.333333)).toBe('0.333');
  });
});
