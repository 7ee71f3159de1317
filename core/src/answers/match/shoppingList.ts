import type { Pot } from '../../written/pot/pot';
import { stockOf, type StockState } from '../../written/pot/stock';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import { usesPot } from './replacePot';
import { substitutes, type Substitute } from './substitutes';

/** A pot to buy, and what would do instead. */
export interface ShoppingLine {
  potId: string;
  state: StockState;
  /** put on by hand */
  isWanted: boolean;
  /** recipes that draw from it, archived ones left out */
  recipes: { id: string; name: string }[];
  /** from what is at hand, nearest first */
  alternatives: Substitute[];
}

const alternativesShown = 3;
/** A mix further off than this is another colour, not an alternative, ΔE00. */
const alternativesUpTo = 8;

/**
 * Pots to buy: those put on the list by hand, and those that recipes draw from and that are empty,
 * low or retired.
 *
 * @returns what stops a recipe first: empty and retired pots, then low ones, then wishes
 */
export function shoppingList(pots: readonly Pot[], recipes: readonly Recipe[]): ShoppingLine[] {
  const shelf = shelfOf(pots);
  const inUse = recipes.filter(({ archived }) => !archived);
  return pots
    .map((pot) => ({
      pot,
      state: stockOf(pot),
      drawing: inUse.filter((recipe) => usesPot(recipe, pot.id)),
    }))
    .filter(
      ({ pot, state, drawing }) => pot.isWanted || (drawing.length > 0 && urgencyOf(state) > 0),
    )
    .sort(
      (one, other) =>
        urgencyOf(other.state) - urgencyOf(one.state) ||
        other.drawing.length - one.drawing.length ||
        one.pot.name.localeCompare(other.pot.name),
    )
    .map(({ pot, state, drawing }): ShoppingLine => ({
      potId: pot.id,
      state,
      isWanted: pot.isWanted ?? false,
      recipes: drawing.map(({ id, name }) => ({ id, name })),
      alternatives: substitutes(pot, shelf, { count: alternativesShown, mostPots: 2 }).filter(
        ({ error }) => error <= alternativesUpTo,
      ),
    }));
}

function urgencyOf(state: StockState): number {
  if (state === 'empty' || state === 'retired') return 2;
  return state === 'low' ? 1 : 0;
}
