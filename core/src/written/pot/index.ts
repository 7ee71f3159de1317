export { countedCard, type GlazeCard } from './glazeCard';
export { colourInWords } from './colourWords';
export { guessedByName, type GuessedPot } from './guessedByName';
export { guessedHiding } from './names/usualHiding';
export { hidingLevelOf, hidingLevels } from './hidingLevels';
export { asLeft, asMeasured } from './left';
export { mostNames, namesListed, potBegun, type PotBegun } from './newPots';
export { guessedByNameNote, pigments, plainPots, primerPots, type Pigment } from './pigments';
export {
  clearKinds,
  driesAsNames,
  potFinishes,
  potFlows,
  potKinds,
  swatchReadings,
  transparentKinds,
  type SwatchReading,
  potSchema,
  thinsAsNames,
  type Pot,
} from './pot';
export { withGlazeCard } from './withGlazeCard';
export { dropMlOf, isAtHand, ownShelf, ownerOf, stockOf, usualDropMl, usuallyLowMl } from './stock';
