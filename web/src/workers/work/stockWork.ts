import {
  lineOfText,
  paintableWith,
  shoppingList,
  type Paintable,
  type ShoppingLine,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { fetchRecipes } from './listWork';
import { shelfInHand } from './shelfInHand';

const ownersSchema = z.array(lineOfText);

export const stockWork = {
  /** What to buy, from the shelf and the recipes as they are kept now. */
  async shoppingList(): Promise<ShoppingLine[]> {
    const recipes = (await fetchRecipes()).map(({ content }) => content);
    return shoppingList([...shelfInHand().values()], recipes);
  },

  /** Which recipes can be painted from some of the shelves. */
  async paintable(owners: unknown): Promise<Paintable[]> {
    const recipes = (await fetchRecipes()).map(({ content }) => content);
    return paintableWith(recipes, [...shelfInHand().values()], ownersSchema.parse(owners));
  },
};
