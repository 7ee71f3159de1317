export { apartOf, type StrokePot } from './potOfField';
export {
  glazeField,
  glazeGround,
  glazeGrounds,
  glazeRows,
  groundPart,
  passesBrushed,
} from './glazeLayout';
export { practiceGlazes, type PracticeGlaze } from './practiceGlazes';
export { practiceFaults, type PracticeFault } from './practicePhotograph';
export { practicePots } from './practicePots';
export { practiceSheet, type PracticePot } from './practiceSheet';
export { openGlazeCard, type GlazeRowReading } from './readGlazes';
export { openSheet, readSheet, type FieldReading } from './readSheet';
export {
  corners as sheetCorners,
  cornerSquares,
  fieldBox,
  fieldCount,
  patches as sheetPatches,
  sheetHeight,
  sheetWidth,
  strokeBand,
  type Box as SheetBox,
} from './sheetLayout';
