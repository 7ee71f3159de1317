import fc from 'fast-check';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { colourDifference } from '../../light/colour/colourDifference';
import { flattenMix } from '../../written/recipe/flattenMix';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { recipeSchema } from '../../written/recipe/recipe';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, pots, potWith, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { ReplaceError, replacePot, usesPot } from './replacePot';
import { replacementVerdict, standings } from './replacementVerdict';
import { substitutes } from './substitutes';

const shareOf = (recipe: ReturnType<typeof recipeWith>, index: number, potId: string) =>
  flattenMix(recipe.steps[index].mix, recipe.steps.slice(0, index)).find(
    (each) => each.potId === potId,
  )?.share ?? 0;

test('a replaced pot is nowhere left, and its share goes to the stand-in by parts', () => {
  fc.assert(
    fc.property(
      anyRecipe,
      fc.constantFrom('yellow', 'red', 'bone'),
      fc.integer({ min: 1, max: 5 }),
      (recipe, gone, parts) => {
        const standIn = [
          { potId: 'other', parts },
          { potId: 'third', parts: 1 },
        ];
        const replaced = replacePot(recipe, gone, standIn);
        expect(usesPot(replaced, gone)).toBe(false);
        expect(recipeSchema.safeParse(replaced).error).toBeUndefined();
        recipe.steps.forEach((_, index) => {
          const was = shareOf(recipe, index, gone);
          expect(shareOf(replaced, index, 'other')).toBeCloseTo((was * parts) / (parts + 1), 9);
          expect(shareOf(replaced, index, 'blue')).toBeCloseTo(shareOf(recipe, index, 'blue'), 9);
        });
      },
    ),
  );
});

test('whole parts stay whole, and a pot that is in the mix already is added up', () => {
  const recipe = recipeWith([stepWith({ id: 'a', mix: mixOf({ red: 2, bone: 1 }) })]);
  const standIn = [
    { potId: 'bone', parts: 1 },
    { potId: 'brown', parts: 2 },
  ];
  const [step] = replacePot(recipe, 'red', standIn).steps;
  expect(step.mix).toEqual(mixOf({ bone: 5, brown: 4 }));
});

test('a ground takes one pot, not a mix; a recipe that does not use the pot stays the same', () => {
  const recipe = recipeWith([stepWith({ id: 'a', mix: mixOf({ brown: 1 }) })]);
  const mix = [
    { potId: 'white', parts: 1 },
    { potId: 'bone', parts: 1 },
  ];
  expect(() => replacePot(recipe, 'black', mix)).toThrow(ReplaceError);
  expect(replacePot(recipe, 'black', mix.slice(0, 1)).groundPotId).toBe('white');
  expect(replacePot(recipe, 'red', mix)).toEqual(recipe);
});

test('a mix that would hold more than 12 pots is refused', () => {
  const twelve = Object.fromEntries(Array.from({ length: 12 }, (_, i) => [`p${i}`, 1]));
  const recipe = recipeWith([stepWith({ id: 'a', mix: mixOf(twelve) })]);
  const standIn = [
    { potId: 'x', parts: 1 },
    { potId: 'y', parts: 1 },
  ];
  expect(() => replacePot(recipe, 'p3', standIn)).toThrow('up to 12 pots, and this would make 13');
});

describe('substitutes', () => {
  const almostRed = potWith({ id: 'almostRed', swatch: '#a52424', hiding: 0.6 });
  const withAlmost = shelfOf([...Object.values(pots), almostRed]);

  test('the nearest pot comes first, with its difference', () => {
    const [first] = substitutes(pots.red, withAlmost);
    expect(first.parts).toEqual([{ potId: 'almostRed', parts: 1 }]);
    const plain = colourDifference(colourOfHex('#a52424'), colourOfHex('#a82222'));
    expect(first.error).toBeCloseTo(plain, 1);
  });

  test('never the pot itself, nor one that is empty or retired unless asked', () => {
    const gone = shelfOf([...Object.values(pots), { ...almostRed, volumeMl: 0 }]);
    const ids = (found: ReturnType<typeof substitutes>) =>
      found.flatMap(({ parts }) => parts.map(({ potId }) => potId));
    expect(ids(substitutes(pots.red, gone, { count: 50 }))).not.toContain('almostRed');
    expect(ids(substitutes(pots.red, gone, { count: 50 }))).not.toContain('red');
    expect(ids(substitutes(pots.red, gone, { atHandOnly: false }))).toContain('almostRed');
  });

  test('a mix comes nearer where no pot does', () => {
    const green = potWith({ id: 'olive', swatch: '#6f7a2a', hiding: 0.5 });
    const found = substitutes(green, shelf, { count: 20 });
    const nearest = (count: (parts: number) => boolean) =>
      Math.min(...found.filter(({ parts }) => count(parts.length)).map(({ error }) => error));
    expect(nearest((n) => n > 1)).toBeLessThan(nearest((n) => n === 1));
  });

  test('kinds keep to their kind: a metallic, a primer and a medium', () => {
    const more = shelfOf([
      ...Object.values(pots),
      potWith({ id: 'steel', finish: 'metallic', swatch: '#808488' }),
      potWith({ id: 'grey', kind: 'primer' }),
      potWith({ id: 'slow', kind: 'medium', hiding: 0 }),
    ]);
    const only = (pot: (typeof pots)['red']) => substitutes(pot, more).map(({ parts }) => parts);
    expect(only(pots.copper)).toEqual([[{ potId: 'steel', parts: 1 }]]);
    expect(only(pots.black)).toEqual([[{ potId: 'grey', parts: 1 }]]);
    expect(only(pots.medium)).toEqual([[{ potId: 'slow', parts: 1 }]]);
    expect(substitutes(pots.wash, shelf)).toEqual([]);
  });

  test('an empty shelf gives none', () => {
    expect(substitutes(pots.red, shelfOf([]))).toEqual([]);
  });
});

test('the same difference passes apart and fails side by side', () => {
  expect(replacementVerdict(3, 'beside')).toEqual({
    passes: false,
    sentence: 'Too far off beside models painted with the original.',
  });
  expect(replacementVerdict(3, 'apart').passes).toBe(true);
  expect(replacementVerdict(7, 'apart').passes).toBe(false);
  expect(replacementVerdict(7, 'framed').passes).toBe(true);
  for (const { name } of standings)
    expect(replacementVerdict(0.4, name).sentence).toBe('It will do anywhere.');
});
