export { apartOf, type StrokePot } from './potOfField';
export { practicePots } from './practicePots';
export {
  practiceFaults,
  practiceSheet,
  type PracticeFault,
  type PracticePot,
} from './practiceSheet';
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
