import type { Part } from '../data/ledgerData';

/** What a question of the worker is answered from; asked again whenever one of them changes. */
/** A question that carries all it is answered from. */
export const ofNothing: readonly Part[] = [];
export const ofPots: readonly Part[] = ['pots'];
export const ofShelf: readonly Part[] = ['pots', 'grounds'];
export const ofLog: readonly Part[] = ['log'];
export const ofRecipes: readonly Part[] = ['pots', 'grounds', 'recipes'];
export const ofArmies: readonly Part[] = ['pots', 'grounds', 'recipes', 'versions'];
export const ofWhatIsPainted: readonly Part[] = ['pots', 'grounds', 'recipes', 'versions', 'log'];
export const ofEverything: readonly Part[] = [
  'pots',
  'grounds',
  'recipes',
  'versions',
  'armies',
  'benches',
  'log',
];

/** A sheet of a figure: what it is painted by, and what is painted. */
export const ofSheet = ofWhatIsPainted;
