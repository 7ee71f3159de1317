import { z } from 'zod';

/** An sRGB colour as six hexadecimal digits, with the sign. */
export const hexSchema = z
  .string({ error: 'a colour as # and six digits 0–9 or a–f, such as #d9a21b' })
  .regex(/^#[0-9a-fA-F]{6}$/, 'a colour as # and six digits 0–9 or a–f, such as #d9a21b');

/**
 * Reads what a person may type for a colour: with or without the sign, three digits or six,
 * capital or small. Null when it is no colour.
 *
 * @example readHex('D9A21B') // → '#d9a21b'
 * @example readHex('fa0') // → '#ffaa00'
 */
export function readHex(typed: string): string | null {
  const digits = typed.trim().replace(/^#/, '').toLowerCase();
  if (/^[0-9a-f]{6}$/.test(digits)) return `#${digits}`;
  if (/^[0-9a-f]{3}$/.test(digits)) return `#${[...digits].map((d) => d + d).join('')}`;
  return null;
}
