import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import pLimit from 'p-limit';

/** Cost of one guess for an attacker, and of one core of the server once per login; argon2id is its usual way. */
const cost = {
  memoryCost: 64 * 1024,
  timeCost: 3,
  parallelism: 1,
} as const;

/** As it is typed on one keyboard or another, it is the same. */
const asTyped = (passphrase: string) => passphrase.normalize('NFKC');

/** One at a time: beside each other they would take the core that answers everybody else. */
const inTurn = pLimit(1);
/** So many wait at most; at 100 to 150 ms each the last of them waits some five seconds. */
const mostWaiting = 40;

/** More passphrases are asked for at once than can be looked at in a few seconds. */
export class TooManyAtOnce extends Error {
  constructor() {
    super('too many passphrases at once');
    this.name = 'TooManyAtOnce';
  }
}

/** @throws TooManyAtOnce */
async function queued<Answer>(work: () => Promise<Answer>): Promise<Answer> {
  if (inTurn.pendingCount >= mostWaiting) throw new TooManyAtOnce();
  return inTurn(work);
}

/** @throws TooManyAtOnce */
export const hashPassphrase = (passphrase: string): Promise<string> =>
  queued(() => hash(asTyped(passphrase), cost));

/** @throws TooManyAtOnce */
export const isPassphrase = (hashed: string, passphrase: string): Promise<boolean> =>
  queued(() => verify(hashed, asTyped(passphrase)).catch(() => false));

let nobodys: Promise<string> | null = null;

/** Takes as long as a right answer would, for a name nobody has. @returns false */
export async function isNobodysPassphrase(passphrase: string): Promise<false> {
  nobodys ??= hashPassphrase(randomBytes(24).toString('base64'));
  await isPassphrase(await nobodys, passphrase);
  return false;
}
