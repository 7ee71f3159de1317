import type { Part } from '../ledger/inHand';

/** What a question of the worker is answered from; asked again whenever one of them changes. */
export const ofShelf: readonly Part[] = ['pots'];
export const ofLog: readonly Part[] = ['log'];
export const ofRecipes: readonly Part[] = ['pots', 'recipes'];
export const ofArmies: readonly Part[] = ['pots', 'recipes', 'versions'];
export const ofWhatIsPainted: readonly Part[] = ['pots', 'recipes', 'versions', 'log'];
export const ofEverything: readonly Part[] = [
  'pots',
  'recipes',
  'versions',
  'armies',
  'benches',
  'log',
];
