import { layersOn } from '../../army/surfaces/layersOn';
import type { Army, Unit } from '../../army/army';
import type { RecipeOf } from '../../army/paintNeeded';
import type { Recipe } from '../../../../written/recipe/recipe';
import { asDone } from '../asDone';
import { entriesOf, partOf } from '../ownPart';
import { layersDone } from './layersDone';
import { surfaceKey, untouched, type OnSurface } from './onFigure';

/** All that lies on one surface of one model, the lowest first. */
export interface Stack {
  layers: Recipe[];
  /** place of the surface's own recipe among them; where something went on in between, of its first stretch */
  own: number;
  /** places of its other stretches, as of a varnish that went over an effect */
  ownAgain: number[];
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
  const parts = (end < 0 ? all : all.slice(0, end)).map(({ surface, recipe }) => ({
    recipe,
    on: figures.get(surfaceKey(unit.id, surface.id, model)) ?? untouched(),
  }));
  const laid = inStretches(parts).map(({ part, on }) => {
    const { recipe } = parts[part];
    return { part, recipes: [...layersDone(on, recipe, recipeOf), asDone(recipe, on, 'left out')] };
  });
  const layers: Recipe[] = [];
  const owns: number[] = [];
  for (const { part, recipes } of laid) {
    layers.push(...recipes);
    if (part === 0) owns.push(layers.length - 1);
  }
  const [own = 0, ...ownAgain] = owns;
  return { layers, own, ownAgain };
}

interface Part {
  recipe: Recipe;
  on: OnSurface;
}

/**
 * The surface itself and what goes over it, each as far as it was painted without another of them in
 * between, in the order in which that was done. Each is there once at least.
 */
function inStretches(parts: readonly Part[]): { part: number; on: OnSurface }[] {
  const noted = parts
    .flatMap(({ on }, part) => entriesOf(on).map((entry) => ({ entry, part })))
    .sort((one, other) => one.entry.order - other.entry.order);
  const stretches: { part: number; ids: Set<string> }[] = [];
  for (const { entry, part } of noted) {
    const last = stretches.at(-1);
    if (last?.part === part) last.ids.add(entry.id);
    else stretches.push({ part, ids: new Set([entry.id]) });
  }
  const inTurn = stretches.every(({ part }, i) => i === 0 || stretches[i - 1].part < part);
  if (inTurn) return parts.map(({ on }, part) => ({ part, on }));
  const there = new Set(stretches.map(({ part }) => part));
  const bare = parts.flatMap(({ on }, part) => (there.has(part) ? [] : [{ part, on }]));
  return [
    ...bare.filter(({ part }) => part === 0),
    ...stretches.map(({ part, ids }) => ({
      part,
      on: partOf(parts[part].on, ({ id }) => ids.has(id)),
    })),
    ...bare.filter(({ part }) => part > 0),
  ];
}

/** Whether the log knows of anything on a surface, or on what goes over it. */
export function isTouched({ unit, model, figures }: StackAsked, surfaceIds: string[]): boolean {
  return surfaceIds.some((id) => {
    const on = figures.get(surfaceKey(unit.id, id, model));
    return on !== undefined && on.coats.size + on.extras.length + on.found.length > 0;
  });
}
