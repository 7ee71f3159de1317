import { X509Certificate } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import type { ClubSettings } from './clubSettings';

/** Every address of this machine, as it stands in the Host header. */
const addressesHere = (): string[] =>
  Object.values(networkInterfaces()).flatMap((each) =>
    (each ?? []).map(({ family, address }) => (family === 'IPv6' ? `[${address}]` : address)),
  );

/** Names a certificate is for. @example 'DNS:ledger.example, IP Address:192.0.2.7' → both */
const namesIn = (certificateFile: string): string[] =>
  (new X509Certificate(readFileSync(certificateFile)).subjectAltName ?? '')
    .split(', ')
    .map((name) => name.replace(/^(DNS|IP Address):/, ''));

/**
 * Names under which a club answers. A page from elsewhere that points a name of its own at this
 * machine gets nothing.
 *
 * @returns whether a name, without its port, is one of them
 */
export function ownHosts({ host, carriage, names }: ClubSettings): (name: string) => boolean {
  const fixed = new Set(
    [
      'localhost',
      '127.0.0.1',
      '[::1]',
      hostname(),
      `${hostname()}.local`,
      host,
      ...names,
      ...(carriage.by === 'proxy' ? [new URL(carriage.address).hostname] : []),
      ...(carriage.by === 'own certificate' ? namesIn(carriage.certificateFile) : []),
    ].map((name) => name.toLowerCase()),
  );
  return (name) => {
    const asked = name.toLowerCase();
    const isWild = [...fixed].some(
      (each) => each.startsWith('*.') && asked.slice(asked.indexOf('.')) === each.slice(1),
    );
    return fixed.has(asked) || isWild || addressesHere().includes(asked);
  };
}
