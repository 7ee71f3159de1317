import type { OwnPages } from '../http/ownPagesOnly';
import type { Carriage } from '../start/clubSettings';
import type { Club } from './club';
import { tokenCookie, type TokenCookie } from './cookie';

/** What a phone is told to trust, where the certificate was made here. */
export interface TrustedRoot {
  /** PEM */
  certificate: string;
  /** SHA-256, as phones show it */
  fingerprint: string;
}

/** A club, and how what it says goes through the network. */
export interface ClubDoor {
  club: Club;
  cookie: TokenCookie;
  pages: OwnPages;
  /** whether browsers are told to come over https only: not where they have to be told to trust it first */
  insistsOnHttps: boolean;
  isBehindProxy: boolean;
  root: TrustedRoot | null;
}

export function clubDoor(
  club: Club,
  carriage: Carriage,
  root: TrustedRoot | null = null,
): ClubDoor {
  const isEncrypted = carriage.by !== 'plain http';
  return {
    club,
    cookie: tokenCookie(isEncrypted),
    pages:
      carriage.by === 'proxy'
        ? { address: carriage.address }
        : { scheme: isEncrypted ? 'https' : 'http' },
    insistsOnHttps: carriage.by === 'proxy' || carriage.by === 'own certificate',
    isBehindProxy: carriage.by === 'proxy',
    root,
  };
}
