import type { UnitSurface } from './army';
import { figurePlaces, type FigurePlace } from './figurePlaces';

/** Places that border on each other, where a slip of the brush goes from one to the other. */
const bordering: readonly (readonly [FigurePlace, FigurePlace])[] = [
  ['face', 'headgear'],
  ['face', 'chest'],
  ['face', 'mantle'],
  ['headgear', 'mantle'],
  ['headgear', 'chest'],
  ['chest', 'arms'],
  ['chest', 'mantle'],
  ['chest', 'belt'],
  ['arms', 'hands'],
  ['arms', 'mantle'],
  ['hands', 'weapon'],
  ['hands', 'held'],
  ['belt', 'skirts'],
  ['skirts', 'mantle'],
  ['skirts', 'legs'],
  ['skirts', 'held'],
  ['legs', 'boots'],
  ['legs', 'mantle'],
  ['boots', 'ground'],
];

const borders = new Set(
  bordering.flatMap(([one, other]) => [`${one} ${other}`, `${other} ${one}`]),
);

const usualPlaces: Record<UnitSurface['surface'], readonly FigurePlace[]> = {
  skin: ['face', 'hands'],
  cloth: ['chest', 'arms', 'skirts'],
  armour: ['chest', 'arms'],
  leather: ['belt', 'boots'],
  bone: ['held'],
  metal: ['headgear'],
  gem: ['held'],
  glass: ['held'],
  blade: ['weapon'],
  hair: ['headgear'],
  wood: ['weapon'],
  base: ['ground'],
  other: ['mantle'],
};

/** Where a surface lies on the figure: as said, or as its kind usually does. */
export function placesOf({ places, surface }: UnitSurface): readonly FigurePlace[] {
  return places && places.length > 0 ? places : usualPlaces[surface];
}

/** Whether two surfaces touch, put together or not: a border between any of their places. */
export function areNeighbours(one: UnitSurface, other: UnitSurface): boolean {
  return placesOf(one).some((place) =>
    placesOf(other).some((beside) => place === beside || borders.has(`${place} ${beside}`)),
  );
}

/**
 * The surface shown at each place. Where several lie there, the one said to lie there goes before
 * one that usually does, and the smaller, which lies on the larger, before the larger.
 */
export function surfacesAt(
  surfaces: readonly UnitSurface[],
): ReadonlyMap<FigurePlace, UnitSurface> {
  const at = new Map<FigurePlace, UnitSurface>();
  const nearest = [...surfaces]
    .filter(({ isHidden }) => !isHidden)
    .sort(
      (one, other) =>
        Number(Boolean(other.places?.length)) - Number(Boolean(one.places?.length)) ||
        one.share - other.share,
    );
  for (const surface of nearest)
    for (const place of placesOf(surface)) if (!at.has(place)) at.set(place, surface);
  return at;
}

/** How early a surface should draw the eye: the best rank of its places, 1 first. */
export function attentionRank(surface: UnitSurface): number {
  return Math.min(...placesOf(surface).map((place) => figurePlaces[place].rank));
}
