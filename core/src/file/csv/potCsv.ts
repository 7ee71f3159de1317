import { formula, keptFormula } from '../formula';
import Papa from 'papaparse';
import type { Pot } from '../../written/pot/pot';
import { TableError, type PotTable } from './potTable';
import { potColumns, type PotColumn } from './potColumns';

/** Which column of a table each field is read from, by index. */
export type ColumnMapping = Partial<Record<PotColumn['field'], number>>;

/**
 * A table from text with commas, semicolons or tabs between its cells.
 *
 * @param text with or without a byte order mark
 * @throws TableError without a header and at least one row
 */
export function readTable(text: string): PotTable {
  const { data, meta } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
  });
  const [header, ...rows] = data;
  if (!header || rows.length === 0)
    throw new TableError(
      'There is no table in this file: it should have a line of headings and a line for each pot.',
    );
  return { header: header.map((cell) => cell.trim()), rows, delimiter: meta.delimiter };
}

/** Which column is which, from its heading; a field whose heading is not there is left out. */
export function guessMapping(header: readonly string[]): ColumnMapping {
  const plain = header.map(plainHeading);
  const mapping: ColumnMapping = {};
  for (const { field, heading, alsoKnownAs } of potColumns) {
    const known = [heading, ...alsoKnownAs].map(plainHeading);
    const index = known.map((name) => plain.indexOf(name)).find((at) => at >= 0);
    if (index !== undefined && !Object.values(mapping).includes(index)) mapping[field] = index;
  }
  return mapping;
}

/** @example plainHeading('Left (ml)') // → 'left ml' */
function plainHeading(heading: string): string {
  return heading
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}

/**
 * Pots as a table with commas. What a spreadsheet would take for a formula is set in front with an
 * apostrophe, so that it is shown and not run; `readCell` takes it off again.
 */
export function writePotCsv(pots: readonly Pot[]): string {
  return Papa.unparse(
    {
      fields: potColumns.map(({ heading }) => heading),
      data: pots.map((pot) => potColumns.map(({ field }) => cellOf(pot[field]))),
    },
    { escapeFormulae: formula, newline: '\r\n' },
  );
}

function cellOf(value: unknown): string {
  if (value === null || value === undefined) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return String(value);
}

/** A cell as it was meant, without the apostrophe that keeps it from being run as a formula. */
export function readCell(cell: string | undefined): string {
  const trimmed = (cell ?? '').trim();
  return keptFormula.test(trimmed) ? trimmed.slice(1) : trimmed;
}
