import { z } from 'zod';

const longest = 40;

/** A name as it is shown: trimmed, with one space between words. */
export const memberNameSchema = z
  .string({ error: 'a name' })
  .transform((name) => name.normalize('NFC').trim().replace(/\s+/gu, ' '))
  .pipe(
    z
      .string()
      .min(1, `1 to ${longest} characters`)
      .max(longest, `1 to ${longest} characters`)
      .regex(/^[^\p{C}]+$/u, 'a name without signs nobody sees')
      .regex(/\p{L}|\p{N}/u, 'a name with a letter or a digit in it'),
  );

/**
 * Letters of other scripts, and signs, that look like a letter of ours: the commonest, small. It is
 * for telling names apart, and no name is ever shown so.
 */
const lookAlikes: Readonly<Record<string, string>> = {
  // Greek
  α: 'a',
  β: 'b',
  ε: 'e',
  η: 'n',
  ι: 'i',
  κ: 'k',
  ν: 'v',
  ο: 'o',
  ρ: 'p',
  τ: 't',
  υ: 'u',
  χ: 'x',
  // Cyrillic
  а: 'a',
  в: 'b',
  е: 'e',
  ё: 'e',
  з: '3',
  и: 'u',
  к: 'k',
  м: 'm',
  н: 'h',
  о: 'o',
  р: 'p',
  с: 'c',
  т: 't',
  у: 'y',
  х: 'x',
  ѕ: 's',
  і: 'i',
  ј: 'j',
  // Ours
  '0': 'o',
  '1': 'l',
  i: 'l',
  '|': 'l',
  ı: 'l',
  ß: 'ss',
  æ: 'ae',
  œ: 'oe',
  ø: 'o',
  đ: 'd',
  ł: 'l',
};

/**
 * The common form of two names that look alike: they cannot both be in one club.
 *
 * @example likeness('  WiI ') === likeness('wil') // → true: a large i for an l
 */
export function likeness(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[\s\p{P}\p{S}]/gu, (sign) => (sign === '|' ? sign : ''));
  return [...plain]
    .map((letter) => lookAlikes[letter] ?? letter)
    .map(alike)
    .join('');
}

/** The stand-in of a letter of another script may itself look like another of ours. */
const alike = (letter: string): string => lookAlikes[letter] ?? letter;
