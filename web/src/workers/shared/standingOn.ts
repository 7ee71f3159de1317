import {
  onEachOther,
  stackOn,
  withFilm,
  type Recipe,
  type Shelf,
  type StackAsked,
} from '@yellow-ledger/core';
import { shelfInHand } from './ledgerData';

/** The layers of a surface of a model, as something that can be predicted. */
export interface Standing {
  /** what lies on top, over what its shelf knows to lie below it */
  recipe: Recipe;
  shelf: Shelf;
  /** the recipe of the surface itself, wherever it lies among them */
  own: Recipe;
  /** nothing lies below that recipe but its ground, and nothing over it */
  isAlone: boolean;
}

/**
 * All that stands on a surface of a model by the log.
 *
 * @param own the surface’s own recipe as it is to be taken; as far as it was painted where not said
 * @param film of whoever painted it, 1 is the usual one
 * @returns null where it has no recipe
 * @throws CarryError
 */
export function standingOn(
  asked: StackAsked,
  surfaceId: string,
  { own, film = 1 }: { own?: Recipe; film?: number } = {},
): Standing | null {
  const stack = stackOn(asked, surfaceId);
  const layers = own ? stack.layers.with(stack.own, own) : stack.layers;
  // Effects still to be painted are not there; a recipe taken whole has all of its coats.
  const there = layers.filter(
    (layer, index) =>
      index === stack.own ||
      (layer.steps.some(({ isOut }) => !isOut) && !(own && stack.ownAgain.includes(index))),
  );
  const at = there.indexOf(layers[stack.own]);
  if (at < 0) return null;
  const laid = onEachOther(
    there.map((layer) => withFilm(layer, film)),
    shelfInHand(),
    at,
  );
  return {
    recipe: laid.recipes[laid.recipes.length - 1],
    shelf: laid.shelf,
    own: laid.recipes[at],
    isAlone: there.length === 1,
  };
}
