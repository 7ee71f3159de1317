import { layersOn } from '../../army/surfaces/layersOn';
import type { Army, Unit } from '../../army/army';
import type { RecipeOf } from '../../army/paintNeeded';
import type { Recipe } from '../../../../written/recipe/recipe';
import { asDone } from '../asDone';
import { layersDone } from './layersDone';
import { surfaceKey, untouched, type OnSurface } from './onFigure';

/** All that lies on one surface of one model, the lowest first. */
export interface Stack {
  layers: Recipe[];
  /** place of the surface's own recipe among them */
  own: number;
}

export interface StackAsked {
  army: Pick<Army, 'scheme'>;
  unit: Unit;
  model: number;
  recipeOf: RecipeOf;
  /** what is on every surface, by `surfaceKey` */
  figures: ReadonlyMap<string, OnSurface>;
}

/**
 * The layers that are there, by the log: an earlier recipe of a surface, its own recipe as far as it was
 * painted, and so on for everything that goes over it. It is the one answer to that question, for
 * the bench, the record of a model, repainting, mending and readings.
 *
 * @param upTo an over: what lies below it and not it; all of it where not said
 * @throws CarryError
 */
export function stackOn(asked: StackAsked, surfaceId: string, upTo?: string): Stack {
  const { army, unit, model, recipeOf, figures } = asked;
  const all = layersOn(army, unit, surfaceId, recipeOf, model);
  const end = upTo === undefined ? -1 : all.findIndex(({ surface }) => surface.id === upTo);
  const done = (end < 0 ? all : all.slice(0, end)).map(({ surface, recipe }) => {
    const on = figures.get(surfaceKey(unit.id, surface.id, model)) ?? untouched();
    return [...layersDone(on, recipe, recipeOf), asDone(recipe, on, 'left out')];
  });
  return { layers: done.flat(), own: Math.max(0, (done.at(0)?.length ?? 0) - 1) };
}

/** Whether the log knows of anything on a surface, or on what goes over it. */
export function isTouched({ unit, model, figures }: StackAsked, surfaceIds: string[]): boolean {
  return surfaceIds.some((id) => {
    const on = figures.get(surfaceKey(unit.id, id, model));
    return on !== undefined && on.coats.size + on.extras.length + on.found.length > 0;
  });
}
