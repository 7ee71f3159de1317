import type { Mark } from './said';

/**
 * The sentence with what is no word of ours put behind it as a note; null where something else in
 * it is unclear, or a note is there already.
 *
 * @example unknownAsNote('eyes white', [{ from: 0, to: 4, … }]) // → 'white, note "eyes"'
 */
export function unknownAsNote(sentence: string, marks: readonly Mark[]): string | null {
  if (marks.length === 0 || !marks.every(({ isUnknown }) => isUnknown)) return null;
  if (/\bnote\s*"/.test(sentence)) return null;
  const words = marks.map(({ from, to }) => sentence.slice(from, to)).join(' ');
  const rest = marks
    .toReversed()
    .reduce((left, { from, to }) => left.slice(0, from) + left.slice(to), sentence)
    .replace(/\s+/g, ' ')
    .replace(/ ,/g, ',')
    .trim();
  return `${rest}, note ${JSON.stringify(words)}`.replace(/^[,:]\s*/, '').replace(/,\s*,/g, ',');
}
