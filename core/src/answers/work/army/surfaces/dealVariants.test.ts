import fc from 'fast-check';
import { armyOf, pinTo, surfaceOf, unitOf } from '../../../../testing/sampleLevy';
import { pinOf, type Unit } from '../army';
import { dealVariants, dealtRecipes, likeNeighbours, withOwnRecipe } from './dealVariants';
import { pinKey } from '../../../../written/recipe/recipePin';

const levy = armyOf([]);
const cloaked = (models: number, cloaks: number, skins = 0): Unit =>
  unitOf({
    models,
    surfaces: [
      surfaceOf({
        recipe: pinTo('cloak-0'),
        variants: Array.from({ length: cloaks - 1 }, (_, i) => pinTo(`cloak-${i + 1}`)),
      }),
      surfaceOf({
        id: 'face',
        surface: 'skin',
        recipe: pinTo('skin-0'),
        variants: Array.from({ length: skins }, (_, i) => pinTo(`skin-${i + 1}`)),
      }),
    ],
  });
const dealt = (unit: Unit, seed: number): Unit => ({
  ...unit,
  own: dealVariants(levy, unit, seed),
});
const looks = (unit: Unit) =>
  Array.from({ length: unit.models }, (_, i) =>
    unit.surfaces.map((surface) => pinKey(pinOf(levy, surface, unit, i + 1))).join(' + '),
  );

test('shares that are wished are dealt, whatever the seed', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 999_999 }),
      fc.integer({ min: 12, max: 60 }),
      (seed, models) => {
        const plain = cloaked(models, 3);
        const [cloak, face] = plain.surfaces;
        const unit = { ...plain, surfaces: [{ ...cloak, shares: [3, 2, 1] }, face] };
        const own = dealVariants(levy, unit, seed);
        const timesOf = (id: string) => own.filter(({ recipe }) => recipe.recipeId === id).length;
        expect(Math.abs(timesOf('cloak-1') - models / 3)).toBeLessThanOrEqual(3);
        expect(Math.abs(timesOf('cloak-2') - models / 6)).toBeLessThanOrEqual(3);
      },
    ),
  );
});

describe('a deal', () => {
  const anyDeal = fc.record({
    models: fc.integer({ min: 1, max: 60 }),
    cloaks: fc.integer({ min: 2, max: 5 }),
    skins: fc.integer({ min: 1, max: 3 }),
    seed: fc.integer({ min: 0, max: 999_999 }),
  });

  test('neighbours in the line differ on every surface that varies, whatever is dealt', () => {
    fc.assert(
      fc.property(anyDeal, ({ models, cloaks, skins, seed }) => {
        expect(likeNeighbours(levy, dealt(cloaked(models, cloaks, skins), seed))).toEqual([]);
      }),
    );
  });

  test('the same number deals the same, another number deals otherwise', () => {
    const unit = cloaked(20, 4, 2);
    expect(dealVariants(levy, unit, 7)).toEqual(dealVariants(levy, unit, 7));
    const looksOf = (seed: number) => looks(dealt(unit, seed)).join();
    expect(new Set([1, 2, 3, 4, 5].map(looksOf)).size).toBeGreaterThan(1);
  });

  test('each recipe is dealt about as often as the others', () => {
    fc.assert(
      fc.property(anyDeal, ({ models, cloaks, seed }) => {
        const unit = dealt(cloaked(models, cloaks), seed);
        const counts = dealtRecipes(levy, unit.surfaces[0]).map(
          (pin) => looks(unit).filter((look) => look.startsWith(pinKey(pin))).length,
        );
        expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(2);
      }),
    );
  });

  const cloaksOf = (unit: Unit) => looks(unit).map((look) => look.split(' + ')[0]);
  const repeats = (line: readonly string[], apart: number) =>
    line.filter((look, i) => i >= apart && look === line[i - apart]).length;

  test('no deal goes round and round', () => {
    expect.hasAssertions();
    for (let cloaks = 3; cloaks <= 6; cloaks++)
      for (let seed = 1; seed <= 25; seed++) {
        const line = cloaksOf(dealt(cloaked(24, cloaks), seed));
        for (let period = 2; period <= 6; period++)
          expect(repeats(line, period)).toBeLessThan(line.length - period);
      }
  });

  test('of six cloaks and more nearly nobody looks like who stands before him, in ranks of any width', () => {
    expect.hasAssertions();
    for (let seed = 1; seed <= 25; seed++) {
      const line = cloaksOf(dealt(cloaked(24, 7), seed));
      const alike = [3, 4, 5, 6].reduce((sum, wide) => sum + repeats(line, wide), 0);
      // Dealt without a thought one in seven would.
      expect(alike / (4 * line.length)).toBeLessThan(0.05);
    }
  });

  test('twenty models of five cloaks and four skins: no two alike', () => {
    expect(new Set(looks(dealt(cloaked(20, 5, 3), 3))).size).toBe(20);
  });

  test('what does not belong together is dealt to nobody while there is another way', () => {
    const unit = cloaked(20, 4, 2);
    const clash = (recipes: readonly { recipeId: string }[]) =>
      recipes[0].recipeId === 'cloak-1' && recipes[1].recipeId === 'skin-0';
    const own = dealVariants(levy, unit, 5, (recipes) => !clash(recipes));
    expect(looks({ ...unit, own })).not.toContain('cloak-1 now + skin-0 now');
    expect(looks(dealt(unit, 5))).toContain('cloak-1 now + skin-0 now');
  });

  test('one model is given another by hand, is told to be like its neighbour, and given back', () => {
    const unit = dealt(cloaked(6, 3), 2);
    const second = pinOf(levy, unit.surfaces[0], unit, 2);
    const edited = { ...unit, own: withOwnRecipe(unit.own ?? [], 3, 'cloak', second) };
    expect(likeNeighbours(levy, edited)).toContainEqual({ model: 3, surfaceId: 'cloak' });
    expect(withOwnRecipe(edited.own, 3, 'cloak', null).some(({ model }) => model === 3)).toBe(
      false,
    );
  });
});
