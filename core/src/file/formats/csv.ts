import { readTable, writePotCsv } from '../csv/potCsv';
import { format } from './format';

export const csv = format({
  listedAt: 1,
  what: 'a table of pots',
  endings: ['.csv', '.tsv', '.txt'],
  mediaType: 'text/csv',
  // Longer than a ledger file may be: what is taken in of a table is counted in pots.
  largestBytes: 60_000_000,
  readTable,
  shelf: {
    what: 'The shelf as a table',
    tells:
      'Every pot with all its figures, for a spreadsheet. Imported again it updates and doubles nothing.',
    // With its mark of UTF-8, without which spreadsheets take it for something else.
    write: (pots) => `\ufeff${writePotCsv(pots)}`,
  },
});
