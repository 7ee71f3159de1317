import type { CardPlace } from '../../../workers/shared/potWork';

/** The four places of a striped card that are read, in the order they are read in. */
export const cardPlaces: readonly (readonly [CardPlace, string])[] = [
  ['black', 'Bare card, black half'],
  ['white', 'Bare card, white half'],
  ['overBlack', 'Coat over the black half'],
  ['overWhite', 'Coat over the white half'],
];
