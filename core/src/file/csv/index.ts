export { writeLogCsv } from './logCsv';
export { potColumns } from './potColumns';
export { guessMapping, readTable, writePotCsv, type ColumnMapping } from './potCsv';
export { TableError, type PotTable } from './potTable';
export { previewPots, type BadRow, type PotsPreviewer } from './previewPots';
export { writeTrailCsv } from './trailCsv';
