import { readFileSync } from 'node:fs';
import { createServer, type RequestListener, type Server } from 'node:http';
import { createServer as createTlsServer } from 'node:https';
import type { TrustedRoot } from '../club/login/clubDoor';
import type { ClubSettings } from './clubSettings';
import { madeCertificate, ownAddresses } from './madeCertificate';

/** How a ledger is served, and what is to be said of it. */
export interface Serving {
  serverOf: (listener: RequestListener) => Server;
  scheme: 'http' | 'https';
  host: string;
  /** what phones are told to trust, where the certificate was made here */
  root: TrustedRoot | null;
}

/** By how a club is reached; on loopback, without encryption, for a ledger alone. */
export async function servingOf(club: ClubSettings | null, dataFolder: string): Promise<Serving> {
  const carriage = club?.carriage ?? { by: 'plain http' };
  const host = club?.host ?? '127.0.0.1';
  if (carriage.by === 'own certificate') {
    const pair = {
      key: readFileSync(carriage.keyFile),
      cert: readFileSync(carriage.certificateFile),
    };
    const serverOf = (listener: RequestListener) => createTlsServer(pair, listener);
    return { serverOf, scheme: 'https', host, root: null };
  }
  if (carriage.by === 'made certificate') {
    const names = host === '0.0.0.0' || /^[\d.]+$/.test(host) ? [] : [host];
    const made = await madeCertificate(dataFolder, ownAddresses(), names);
    return {
      serverOf: (listener) => createTlsServer({ key: made.key, cert: made.certificate }, listener),
      scheme: 'https',
      host,
      root: { certificate: made.root, fingerprint: made.fingerprint },
    };
  }
  return { serverOf: (listener) => createServer(listener), scheme: 'http', host, root: null };
}

/** Where it can be reached: this machine first, then the network. */
export function addressesOf({ scheme, host }: Serving, port: number): string[] {
  const at = (name: string) => `${scheme}://${name}:${port}/`;
  if (host === '0.0.0.0') return ['127.0.0.1', ...ownAddresses()].map(at);
  return [at(host)];
}
