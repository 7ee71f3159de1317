export { brushfulsOf, partsFromBrushfuls } from './brushfuls';
export { coatsToCover, hasToCover, coveredWithin, mostCoatsTried } from './coatsToCover';
export {
  consistencies,
  consistencyOf,
  consistencyWord,
  type Consistency,
  stiffnessOf,
  thinnerEffect,
  thinnerFor,
  waterHeldBy,
} from './consistency';
export { dropsFor, isAsThin, type Drops } from './dropsFor';
export { glazeFilm, laidPaint } from './laidPaint';
export { knownColour } from './knownColour';
export {
  UnknownPotError,
  groundOf,
  isEstimate,
  mixedColour,
  mixedPaint,
  potOn,
  shelfOf,
  type Shelf,
} from './mixedPaint';
export { hidingOf, opticsOf, opticsOfPot, solveOptics } from './opticsOfPot';
export { cardBlack, cardWhite, practiceCard } from './practiceCard';
export { CardError, solveCard } from './solveCard';
export { thinningHabit, withThinningHabit } from './thinningHabit';
