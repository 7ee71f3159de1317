import {
  fileFormats,
  guessMapping,
  previewPots,
  TableError,
  type BadRow,
  type ColumnMapping,
  type FormatName,
  type Pot,
  type PotsPreviewer,
  type PotTable,
} from '@yellow-ledger/core';
import { keptPots, shelfInHand } from '../../workers/shared/ledgerData';

/** A table as it was opened, or why it could not be. */
export type OpenedTable =
  | {
      header: string[];
      rowCount: number;
      /** the first few rows, to tell the columns by */
      sample: string[][];
      mapping: ColumnMapping;
      delimiter: string;
      encoding: 'UTF-8' | 'Latin-1';
    }
  | { problem: string };

/** The effect of a table, counted; of long lists only the beginning. */
export interface TableOutcome {
  fresh: number;
  changed: number;
  same: number;
  bad: number;
  shown: Pot[];
  shownBad: BadRow[];
}

const sampleRows = 3;
const shownRows = 40;
const shownBad = 200;

let table: PotTable | null = null;
let previewer: PotsPreviewer | null = null;

/** Tables of pots, read away from the thread that takes the typing, a stretch of rows at a time. */
export const tableWork = {
  openTable(bytes: ArrayBuffer, format: FormatName): OpenedTable {
    const { text, encoding } = decoded(bytes);
    try {
      table = fileFormats[format].readTable?.(text) ?? null;
    } catch (error) {
      if (!(error instanceof TableError)) throw error;
      return { problem: error.message };
    }
    if (!table) return { problem: 'This is no table.' };
    const { header, rows, delimiter } = table;
    return {
      header,
      rowCount: rows.length,
      sample: rows.slice(0, sampleRows),
      mapping: guessMapping(header),
      delimiter,
      encoding,
    };
  },

  beginPreview(mapping: ColumnMapping): void {
    previewer =
      table &&
      previewPots(table, mapping, keptPots(), () => crypto.randomUUID(), new Date().toISOString());
  },

  previewRows(from: number, to: number): void {
    previewer?.look(from, to);
  },

  /** Counts, and as much of each list as a screen shows. */
  previewed(): TableOutcome | null {
    if (!previewer) return null;
    const { fresh, changed, same, bad } = previewer.preview;
    return {
      fresh: fresh.length,
      changed: changed.length,
      same,
      bad: bad.length,
      shown: [...fresh.slice(0, shownRows), ...changed.slice(0, shownRows).map(({ pot }) => pot)],
      shownBad: bad.slice(0, shownBad),
    };
  },

  /** The whole shelf going out as a file. */
  shelfAs(format: FormatName): string {
    return fileFormats[format].shelf?.write([...shelfInHand().values()]) ?? '';
  },

  /** The pots to write, once the painter has confirmed. */
  tableWrites(): { content: Pot; revision: number }[] {
    const { fresh = [], changed = [] } = previewer?.preview ?? {};
    return [
      ...fresh.map((content) => ({ content, revision: 0 })),
      ...changed.map(({ pot, revision }) => ({ content: pot, revision })),
    ];
  },
};

/** UTF-8 where it is that, else Latin-1 as Windows writes it, in which every byte is a sign. */
function decoded(bytes: ArrayBuffer): { text: string; encoding: 'UTF-8' | 'Latin-1' } {
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Latin-1' };
  }
}
