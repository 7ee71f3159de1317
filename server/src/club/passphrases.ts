import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';

/** What an answer costs who guesses, and one core of the server once per coming in; argon2id is its usual way. */
const cost = {
  memoryCost: 64 * 1024,
  timeCost: 3,
  parallelism: 1,
} as const;

/** As it is typed on one keyboard or another, it is the same. */
const asTyped = (passphrase: string) => passphrase.normalize('NFKC');

export const hashPassphrase = (passphrase: string): Promise<string> =>
  hash(asTyped(passphrase), cost);

export const isPassphrase = (hashed: string, passphrase: string): Promise<boolean> =>
  verify(hashed, asTyped(passphrase)).catch(() => false);

let nobodys: Promise<string> | null = null;

/** Takes as long as a right answer would, for a name nobody has. @returns false */
export async function isNobodysPassphrase(passphrase: string): Promise<false> {
  nobodys ??= hashPassphrase(randomBytes(24).toString('base64'));
  await isPassphrase(await nobodys, passphrase);
  return false;
}
