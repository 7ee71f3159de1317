export { clubListNames, isClubList, type ClubListName } from './clubLists';
export {
  fileFormats,
  formatNames,
  formatOfFile,
  importableFormats,
  type FileFormat,
  type FormatName,
} from './fileFormats';
export { readGimpPalette, writeGimpPalette } from './gimpPalette';
export {
  fileMinor,
  fileVersion,
  fileListNames,
  ledgerFileJsonSchema,
  ledgerFileOf,
  ledgerFileSchema,
  writeLedgerFile,
  type FileListName,
  type KeptSection,
  type LedgerFile,
} from './ledgerFile';
export { LedgerFileError, LedgerFileReading, type FileHead } from './ledgerFileReading';
export { ledgerFileText, LedgerFileWriting } from './ledgerFileWriting';
export { measuredAfter, saysOtherwise, withNotes, type NotesOfArmies } from './olderFile';
export { readLedgerFile, type ReadFile } from './readLedgerFile';
export { recipeMarkdown } from './recipeMarkdown';
export { recipeStrip } from './recipeStrip';
