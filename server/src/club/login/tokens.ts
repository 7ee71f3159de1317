import { createHash, randomBytes } from 'node:crypto';

/** Something that nobody guesses, for links and cookies: 256 bits, as letters that go in both. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** The stored form of a token: a reader of the database logs in with none of them. */
export const tokenHash = (token: string): string =>
  createHash('sha256').update(token).digest('hex');
