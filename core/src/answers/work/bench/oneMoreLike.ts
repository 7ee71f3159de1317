import type { Unit } from '../army/army';
import type { Recipe } from '../../../written/recipe/recipe';
import type { Bench } from './bench';
import type { RecordedSurface } from '../log/modelRecord';

/**
 * A bench for one more model painted as another was: every surface by what was really done on that
 * one, surfaces it had nothing on by their scheme.
 *
 * @param newId a new identifier at each call
 */
export function oneMoreLike(
  unit: Unit,
  model: number,
  surfaces: readonly RecordedSurface[],
  { room, keeping, hairDryer }: Pick<Bench, 'room' | 'keeping' | 'hairDryer'>,
  now: string,
  newId: () => string,
): Bench {
  const recipes: Recipe[] = [];
  const asPainted = ({ pin, whole }: RecordedSurface) => {
    if (!whole) return pin && { recipe: pin };
    const recipe = { ...whole, id: newId() };
    recipes.push(recipe);
    return { recipe: { recipeId: recipe.id, version: null } };
  };
  const like = surfaces.flatMap((recorded) => {
    const { variants: _dealt, recipe: _own, over, ...rest } = recorded.surface;
    return over ? [] : [{ ...rest, ...asPainted(recorded) }];
  });
  const overs = unit.overs?.map(({ recipe: _own, ...over }) => {
    const recorded = surfaces.find(({ surface }) => surface.id === over.id);
    return { ...over, ...(recorded && asPainted(recorded)) };
  });
  const { own: _own, dealSeed: _seed, overs: _overs, ...rest } = unit;
  return {
    id: newId(),
    name: `One more like ${unit.name} ${model}`.slice(0, 120),
    startedAt: now,
    isCleared: false,
    models: [],
    loose: { unit: { ...rest, models: 1, surfaces: like, ...(overs && { overs }) }, recipes },
    room,
    keeping,
    hairDryer,
  };
}
