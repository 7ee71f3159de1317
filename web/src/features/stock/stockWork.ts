import {
  paintableWith,
  shoppingList,
  type Paintable,
  type ShoppingLine,
} from '@yellow-ledger/core';
import { recipesInHand, shelfInHand } from '../../workers/shared/ledgerData';

export const stockWork = {
  /** Pots to buy, from the shelf and the recipes as they are kept now. */
  shoppingList(): ShoppingLine[] {
    return shoppingList([...shelfInHand().values()], recipesInHand());
  },

  /** Which recipes can be painted from some of the shelves. */
  paintable(owners: readonly string[]): Paintable[] {
    return paintableWith(recipesInHand(), [...shelfInHand().values()], owners);
  },
};
