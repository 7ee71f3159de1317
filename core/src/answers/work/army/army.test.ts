import fc from 'fast-check';
import type { Recipe } from '../../../written/recipe/recipe';
import { anyRecipe } from '../../../testing/anyRecipe';
import { mixOf, pots, recipeWith, shelf, stepWith } from '../../../testing/sampleRecipe';
import { shelfOf } from '../../../predicted/paint/mixedPaint';
import { armyOf, pinTo, surfaceOf, unitOf } from '../../../testing/sampleLevy';
import { armySchema, evenedOut, modelsByPin, pinOf, sharesOf, sharesWithin } from './army';
import { paintNeeded, usualPotMl } from './paintNeeded';
import { runs } from '../../../testing/longTests';

const everywhere = { from: 0, to: 1, softness: 0, pull: 'even' as const };

describe('a scheme', () => {
  test('a surface is painted by its own recipe, else by the army’s for its kind', () => {
    const levy = armyOf([], [{ surface: 'cloth', recipe: pinTo('oilskin') }]);
    expect(pinOf(levy, surfaceOf())).toEqual(pinTo('oilskin'));
    expect(pinOf(levy, surfaceOf({ recipe: pinTo('reed') }))).toEqual(pinTo('reed'));
    expect(pinOf(levy, surfaceOf({ surface: 'skin' }))).toBeNull();
  });

  test('one model may have a recipe of its own, and the rest keep the unit’s', () => {
    const own = [{ model: 3, surfaceId: 'cloak', recipe: pinTo('reed') }];
    const watch = unitOf({ models: 4, own });
    const levy = armyOf([watch], [{ surface: 'cloth', recipe: pinTo('oilskin') }]);
    expect(pinOf(levy, surfaceOf(), watch, 3)).toEqual(pinTo('reed'));
    expect(pinOf(levy, surfaceOf(), watch, 2)).toEqual(pinTo('oilskin'));
    expect(pinOf(levy, surfaceOf(), watch)).toEqual(pinTo('oilskin'));
    expect(pinOf(levy, surfaceOf(), unitOf({ models: 4 }), 3)).toEqual(pinTo('oilskin'));
    expect(modelsByPin(levy, watch, surfaceOf())).toEqual([
      { pin: pinTo('oilskin'), models: [1, 2, 4] },
      { pin: pinTo('reed'), models: [3] },
    ]);
  });

  test('what goes over surfaces has an identifier that nothing else of its unit has', () => {
    const over = (id: string) => ({
      id,
      name: 'Dust',
      recipe: pinTo('dust'),
      surfaces: 'all' as const,
    });
    const message = (...ids: string[]) =>
      armySchema.safeParse(armyOf([unitOf({ overs: ids.map(over) })])).error?.issues[0].message;
    expect(message('dust', 'mud')).toBeUndefined();
    expect(message('dust', 'dust')).toMatch(/identifiers of its own/);
    expect(message(surfaceOf().id)).toMatch(/identifiers of its own/);
    // Two units may each have theirs under the same one.
    const twice = [
      unitOf({ id: 'one', overs: [over('dust')] }),
      unitOf({ id: 'two', overs: [over('dust')] }),
    ];
    expect(armySchema.safeParse(armyOf(twice)).success).toBe(true);
  });

  test.each([
    ['no models', { models: 0 }, 'a whole number from 1 to 2,000'],
    ['10,000 models', { models: 10_000 }, 'a whole number from 1 to 2,000'],
    ['half a model', { models: 1.5 }, 'a whole number from 1 to 2,000'],
    ['no area', { areaCm2: 0 }, 'a number from 0.5 to 5,000'],
  ])('a unit of %s is refused, and it is said what would be right', (_what, part, message) => {
    const read = armySchema.safeParse(armyOf([unitOf(part)]));
    expect(read.error?.issues[0].message).toBe(message);
  });

  test('shares that do not add up are kept and can be evened out, in their proportions', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 1, maxLength: 8 }),
        (shares) => {
          const odd = unitOf({
            surfaces: shares.map((share, i) => surfaceOf({ id: `s${i}`, share })),
          });
          expect(armySchema.safeParse(armyOf([odd])).success).toBe(true);
          const even = evenedOut(odd);
          expect(Math.abs(sharesOf(even) - 1)).toBeLessThan(sharesWithin);
          if (shares[0] > 0.01)
            expect(even.surfaces.at(-1)?.share).toBeCloseTo(
              ((shares.at(-1) ?? 0) / shares[0]) * even.surfaces[0].share,
              6,
            );
        },
      ),
    );
  });
});

describe('paint needed', () => {
  const recipe = recipeWith([
    stepWith({ id: 'a', mix: mixOf({ brown: 3, yellow: 1 }), coats: 2, placement: everywhere }),
    stepWith({
      id: 'b',
      placement: everywhere,
      mix: {
        parts: [
          { from: 'step', stepId: 'a', parts: 1 },
          { from: 'pot', potId: 'bone', parts: 1 },
        ],
        waterParts: 1,
        mediumParts: 0,
      },
    }),
  ]);
  const levy = armyOf([unitOf({ surfaces: [surfaceOf({ recipe: pinTo('recipe') })] })]);
  const recipeOf = () => recipe;

  test('the example worked by hand in docs/paint-model.md', () => {
    const { mixes, pots: needs } = paintNeeded(levy, recipeOf, shelf);
    const [a, b] = mixes;
    expect(a).toMatchObject({ stepId: 'a', waterMl: 0 });
    expect(a.ownMl).toBeCloseTo(1.44, 9);
    expect(a.carriedMl).toBeCloseTo(0.18, 9);
    expect(b.ownMl).toBeCloseTo(0.36, 9);
    expect(b.waterMl).toBeCloseTo(0.36, 9);
    const ml = Object.fromEntries(needs.map((need) => [need.potId, need.ml]));
    expect(ml.brown).toBeCloseTo(1.215, 9);
    expect(ml.yellow).toBeCloseTo(0.405, 9);
    expect(ml.bone).toBeCloseTo(0.18, 9);
    expect(needs.map(({ potId }) => potId)).toEqual(['brown', 'yellow', 'bone']);
  });

  test('no paint is lost or made: the pots give what the lines take', () => {
    fc.assert(
      fc.property(anyRecipe, fc.integer({ min: 1, max: 200 }), (any, models) => {
        const one = armyOf([unitOf({ models, surfaces: [surfaceOf({ recipe: pinTo('any') })] })]);
        const { mixes, pots: needs } = paintNeeded(one, () => any, shelf);
        const taken = mixes.reduce((sum, { ownMl }) => sum + ownMl, 0);
        const given = needs.reduce((sum, { ml }) => sum + ml, 0);
        expect(given).toBeCloseTo(taken, 5);
      }),
      { numRuns: runs(60) },
    );
  });

  test('twice the models take twice the paint, and a second unit adds its own', () => {
    const one = paintNeeded(levy, recipeOf, shelf).pots[0].ml;
    const [watch] = levy.units;
    const twice = armyOf([{ ...watch, models: 20 }]);
    const two = armyOf([watch, { ...watch, id: 'second' }]);
    expect(paintNeeded(twice, recipeOf, shelf).pots[0].ml).toBeCloseTo(2 * one, 9);
    expect(paintNeeded(two, recipeOf, shelf).pots[0].ml).toBeCloseTo(2 * one, 9);
  });

  test('what is left decides what is to be bought, and nobody buys what nobody has looked for', () => {
    const stocked = shelfOf([
      { ...pots.brown, volumeMl: 1 },
      { ...pots.yellow, volumeMl: 17 },
      { ...pots.bone, volumeMl: null },
      pots.black,
    ]);
    const { pots: needs } = paintNeeded(levy, recipeOf, stocked);
    const short = Object.fromEntries(needs.map(({ potId, shortMl }) => [potId, shortMl]));
    expect(short.brown).toBeCloseTo(0.215, 9);
    expect(short.yellow).toBe(0);
    expect(short.bone).toBe(0);
  });

  test('what is short is bought in whole pots', () => {
    expect.hasAssertions();
    const bare = shelfOf(Object.values(pots).map((pot) => ({ ...pot, volumeMl: 0 })));
    const many = armyOf([
      unitOf({ models: 300, surfaces: [surfaceOf({ recipe: pinTo('recipe') })] }),
    ]);
    for (const { shortMl, potsToBuy } of paintNeeded(many, recipeOf, bare).pots) {
      expect(potsToBuy * usualPotMl).toBeGreaterThanOrEqual(shortMl);
      expect((potsToBuy - 1) * usualPotMl).toBeLessThan(shortMl);
    }
  });

  test('a surface nobody will see gets its base and no more', () => {
    const highlit = recipeWith([
      stepWith({ id: 'a', placement: everywhere }),
      stepWith({ id: 'c', stage: 'highlight', placement: everywhere }),
    ]);
    const hidden = surfaceOf({ recipe: pinTo('recipe'), isHidden: true });
    const { mixes } = paintNeeded(armyOf([unitOf({ surfaces: [hidden] })]), () => highlit, shelf);
    expect(mixes.map(({ stepId }) => stepId)).toEqual(['a']);
  });

  test('models with a recipe of their own are counted by it', () => {
    const own = [1, 2, 3].map((model) => ({ model, surfaceId: 'cloak', recipe: pinTo('other') }));
    const cloak = surfaceOf({ recipe: pinTo('recipe') });
    const mixed = armyOf([unitOf({ surfaces: [cloak], own })]);
    const other = recipeWith(
      [stepWith({ id: 'z', mix: mixOf({ green: 1 }), placement: everywhere })],
      {
        id: 'other',
      },
    );
    const { pots: needs } = paintNeeded(
      mixed,
      ({ recipeId }) => (recipeId === 'other' ? other : recipe),
      shelf,
    );
    const ml = Object.fromEntries(needs.map((need) => [need.potId, need.ml]));
    expect(ml.green).toBeCloseTo(3 * 0.072, 9);
    expect(ml.brown).toBeCloseTo(0.7 * 1.215, 9);
  });

  test('a surface without a recipe, or whose recipe is gone, is named and not counted', () => {
    const bare = armyOf([
      unitOf({ surfaces: [surfaceOf(), surfaceOf({ id: 'x', recipe: pinTo('gone') })] }),
    ]);
    const gone = (): Recipe | undefined => undefined;
    expect(paintNeeded(bare, gone, shelf)).toEqual({
      mixes: [],
      pots: [],
      without: [
        { unitId: 'watch', surfaceId: 'cloak' },
        { unitId: 'watch', surfaceId: 'x' },
      ],
    });
  });
});
