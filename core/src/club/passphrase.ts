import { z } from 'zod';

const shortest = 12;
const longest = 200;

/** A member's passphrase: any words or signs, so many of them that guessing is hopeless. */
export const passphraseSchema = z
  .string({ error: 'a passphrase' })
  .min(shortest, `at least ${shortest} characters: three or four words do`)
  .max(longest, `at most ${longest} characters`);
