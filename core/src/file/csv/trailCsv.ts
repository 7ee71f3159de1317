import Papa from 'papaparse';
import { formula } from '../formula';

/** Something that was done in a club. */
export interface TrailLine {
  sequence: number;
  /** ISO 8601, UTC */
  at: string;
  /** who did it; null for who had not come in */
  memberId: string | null;
  did: string;
  about: Readonly<Record<string, string>>;
}

/**
 * The activity of a club as a table with commas, in the order it is given; cells a spreadsheet would
 * run stay text.
 *
 * @param nameOf what a member is called; undefined for who has left
 */
export function writeTrailCsv(
  lines: readonly TrailLine[],
  nameOf: (memberId: string) => string | undefined,
): string {
  const called = (id: string | null) => (id === null ? '' : (nameOf(id) ?? 'a former member'));
  const data = lines.map(({ sequence, at, memberId, did, about }) => [
    sequence,
    at,
    called(memberId),
    did,
    Object.entries(about)
      .map(([key, value]) => `${key}: ${key === 'memberId' ? called(value) : value}`)
      .join('; '),
  ]);
  return Papa.unparse(
    { fields: ['Number', 'When (UTC)', 'Who', 'Did', 'What'], data },
    { escapeFormulae: formula, newline: '\r\n' },
  );
}
