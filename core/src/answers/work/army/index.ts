export {
  armySchema,
  evenedOut,
  holdsBack,
  modelsByPin,
  mostShare,
  pinOf,
  sharesOf,
  sharesWithin,
  sizeClasses,
  unitOf,
  unitSchema,
  type Army,
  type OwnRecipe,
  type Part,
  type Unit,
  type UnitSurface,
} from './army';
export { batchSchema, spanOf, type Batch, type ModelRange, type Session, type Wish } from './batch';
export { areNeighbours, placesOf, surfacesAt } from './figure';
export { figurePlaceNames, figurePlaces, type FigurePlace } from './figurePlaces';
export { type OwnFigures, lineKey } from './ownFigures';
export { paintNeeded, usualPotMl, type PaintNeeded, type RecipeOf } from './paintNeeded';
export { aimNames, mostAim, usualAims, type AimName, type Aims } from './planAims';
export { withPinned } from './withPinned';
