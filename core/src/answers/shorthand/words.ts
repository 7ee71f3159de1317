/** A word, number or sign of a sentence, and where it stands in it. */
export interface Word {
  is: 'word' | 'number' | 'sign' | 'quoted';
  /** in small letters; what stands between the quotes */
  text: string;
  from: number;
  to: number;
  /** of a number */
  value?: number;
}

const fractions: Record<string, number> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
};
const signs = Object.keys(fractions).join('');

const anyWord = new RegExp(
  [
    '(?<quoted>"(?:[^"\\\\]|\\\\.)*"?)',
    // 1/2, 1 1/2, 1½, 0.5, 0,5 and 1e-7; a comma before a blank ends a part of the sentence
    `(?<number>\\d+ \\d\\/\\d(?![\\d.,])|\\d+\\/\\d+(?![\\d.,])|\\d+[${signs}]|[${signs}]|\\d+[.,]\\d+(?:e[+-]?\\d+)?|\\d+e[+-]?\\d+(?!\\p{L})|\\d+|\\.\\d+)`,
    "(?<word>\\p{L}[\\p{L}\\p{M}'’]*(?:-\\p{L}[\\p{L}\\p{M}'’]*)*)",
    // Isolates around a name from right to left say nothing.
    '(?<sign>[^\\s\u202a-\u202e\u2066-\u2069])',
  ].join('|'),
  'gu',
);

/**
 * The words of a sentence.
 * @example wordsOf('2 ochre') // → a number 2 from 0 to 1, a word 'ochre' from 2 to 7
 */
export function wordsOf(sentence: string): Word[] {
  return [...sentence.matchAll(anyWord)].map((match): Word => {
    const [text] = match;
    const place = { from: match.index, to: match.index + text.length };
    const { quoted, number, word } = match.groups ?? {};
    if (quoted !== undefined) return { is: 'quoted', text: unquoted(text), ...place };
    if (number !== undefined) return { is: 'number', text, value: numberOf(text), ...place };
    return { is: word === undefined ? 'sign' : 'word', text: small(text), ...place };
  });
}

/** Letters as they are compared. */
export const small = (text: string): string =>
  text.normalize('NFC').toLowerCase().replace('’', "'");

function numberOf(text: string): number {
  const mixed = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(text);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  const last = text.slice(-1);
  if (last in fractions) return Number(text.slice(0, -1)) + fractions[last];
  return Number(text.replace(',', '.'));
}

/** Writes a text so that it is read back as it is. @example quoted('Pot "A"') // → '"Pot \\"A\\""' */
export const quoted = (text: string): string => JSON.stringify(text);

function unquoted(text: string): string {
  try {
    return JSON.parse(text) as string;
  } catch {
    return text.replace(/^"|"$/g, '');
  }
}
