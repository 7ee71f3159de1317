import type { Collection } from '../data/ledgerData';

/** The data a question to the worker is answered from; asked again whenever one of them changes. */
/** A question that carries all it is answered from. */
export const ofNothing: readonly Collection[] = [];
export const ofPots: readonly Collection[] = ['pots'];
export const ofShelf: readonly Collection[] = ['pots', 'grounds'];
export const ofLog: readonly Collection[] = ['log'];
export const ofRecipes: readonly Collection[] = ['pots', 'grounds', 'recipes'];
export const ofArmies: readonly Collection[] = ['pots', 'grounds', 'recipes', 'versions'];
export const ofWhatIsPainted: readonly Collection[] = [
  'pots',
  'grounds',
  'recipes',
  'versions',
  'log',
];
export const ofEverything: readonly Collection[] = [
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
