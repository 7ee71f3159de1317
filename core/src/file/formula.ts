/**
 * Cells a spreadsheet would run: it passes over blanks, takes full-width signs for their narrow ones,
 * and does not mind what comes in later lines of the cell.
 */
export const formula = /^\s*[=+\-@\t\r\uff1d\uff0b\uff0d\uff20]/;

/** The same with the apostrophe before it that keeps it from being run. */
export const keptFormula = /^'\s*[=+\-@\t\r\uff1d\uff0b\uff0d\uff20]/;
