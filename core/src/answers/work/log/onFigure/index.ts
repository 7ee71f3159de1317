export { figureSheet, type SheetLine, type SheetPart } from './figureSheet';
export { layersDone } from './layersDone';
export { onFigures, surfaceKey, untouched, type OnSurface } from './onFigure';
export { paintedOnArmy } from './paintedOnArmy';
export { isTouched, stackOn, type Stack, type StackAsked } from './stackOn';
export { strippedEntries, strippingCaution } from './stripping';
