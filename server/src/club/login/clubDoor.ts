import type { OwnPages } from '../../http/ownPagesOnly';
import type { Carriage } from '../../start/clubSettings';
import type { Club } from '../club';
import { tokenCookie, type TokenCookie } from './cookie';

/** The certificate a phone is told to trust, where it was made here. */
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
  /** which browser it is, logged in or not */
  deviceCookie: TokenCookie;
  pages: OwnPages;
  /** whether browsers are told to come over https only: not where they have to be told to trust it first */
  insistsOnHttps: boolean;
  isBehindProxy: boolean;
  root: TrustedRoot | null;
  /** whether a name in the Host header, without its port, is the club's */
  isOwnHost: (name: string) => boolean;
  /**
   * Where others reach it: a link that names this machine’s own loopback would lead nobody in.
   *
   * @param host as it was asked for, with its port
   */
  addressFor: (host: string) => string;
}

const loopback = /^(127\.\d+\.\d+\.\d+|localhost|\[::1\])(:\d+)?$/;

/**
 * @param addresses of this machine in the network; none where it is reached on loopback alone
 * @param isOwnHost names it answers to; loopback alone where not said
 */
export function clubDoor(
  club: Club,
  carriage: Carriage,
  root: TrustedRoot | null = null,
  addresses: () => readonly string[] = () => [],
  isOwnHost: ClubDoor['isOwnHost'] = (name) => loopback.test(name),
): ClubDoor {
  const isEncrypted = carriage.by !== 'plain http';
  return {
    club,
    cookie: tokenCookie(isEncrypted),
    deviceCookie: tokenCookie(isEncrypted, 'yellow-ledger-device'),
    pages:
      carriage.by === 'proxy'
        ? { address: carriage.address }
        : { scheme: isEncrypted ? 'https' : 'http' },
    insistsOnHttps: carriage.by === 'proxy' || carriage.by === 'own certificate',
    isBehindProxy: carriage.by === 'proxy',
    root,
    isOwnHost,
    addressFor(host) {
      if (carriage.by === 'proxy') return carriage.address;
      const [, , port = ''] = loopback.exec(host) ?? [];
      const reached = loopback.test(host) ? addresses()[0] : undefined;
      return `${isEncrypted ? 'https' : 'http'}://${reached === undefined ? host : reached + port}`;
    },
  };
}
