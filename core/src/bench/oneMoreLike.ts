import type { Unit } from '../army/army';
import type { Recipe } from '../recipe/recipe';
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
  const like = surfaces.map(({ surface, pin, whole }) => {
    const { variants: _dealt, recipe: _own, ...rest } = surface;
    if (!whole) return { ...rest, ...(pin && { recipe: pin }) };
    const recipe = { ...whole, id: newId() };
    recipes.push(recipe);
    return { ...rest, recipe: { recipeId: recipe.id, version: null } };
  });
  const { own: _own, dealSeed: _seed, ...rest } = unit;
  return {
    id: newId(),
    name: `One more like ${unit.name} ${model}`.slice(0, 120),
    startedAt: now,
    isCleared: false,
    models: [],
    loose: { unit: { ...rest, models: 1, surfaces: like }, recipes },
    room,
    keeping,
    hairDryer,
  };
}
