import { createPrivateKey, randomBytes, X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';

const dayMs = 86_400_000;
/** A certificate a phone is told once to trust lasts as long as the ledger is used. */
const rootDays = 3650;
/** Phones take none of a server that lasts much longer. */
const leafDays = 397;
/** Made anew when so little is left of it. */
const renewDays = 30;

export interface MadeCertificate {
  key: string;
  /** with what signed it */
  certificate: string;
  /** what a phone is told to trust, PEM */
  root: string;
  /** of that, as phones show it: SHA-256 */
  fingerprint: string;
}

/** Every address at which other machines reach this one, IPv4. */
export const ownAddresses = (): string[] =>
  Object.values(networkInterfaces()).flatMap((each) =>
    (each ?? []).flatMap(({ family, internal, address }) =>
      family === 'IPv4' && !internal ? [address] : [],
    ),
  );

/**
 * A certificate for this machine, signed by a root that is made once and kept in the data folder,
 * readable by its owner alone: a phone that trusts the root goes on trusting when addresses change.
 *
 * @param names under which it is to be reached beside localhost
 */
export async function madeCertificate(
  dataFolder: string,
  addresses: readonly string[],
  names: readonly string[],
): Promise<MadeCertificate> {
  const folder = join(dataFolder, 'certificate');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  chmodSync(folder, 0o700);
  const root = kept(folder, 'root', isFresh) ?? (await make(folder, 'root', rootRequest()));
  const wanted = ['127.0.0.1', ...addresses];
  const isOfHere = (certificate: X509Certificate) =>
    isFresh(certificate) &&
    certificate.checkIssued(new X509Certificate(root.cert)) &&
    wanted.every((address) => certificate.checkIP(address) !== undefined) &&
    names.every((name) => certificate.checkHost(name) !== undefined);
  const leaf =
    kept(folder, 'server', isOfHere) ??
    (await make(folder, 'server', {
      days: leafDays,
      commonName: 'Yellow Ledger server',
      extensions: [
        { name: 'basicConstraints', cA: false, critical: true },
        { name: 'keyUsage', digitalSignature: true, critical: true },
        { name: 'extKeyUsage', serverAuth: true },
        {
          name: 'subjectAltName',
          altNames: [
            ...['localhost', ...names].map((value) => ({ type: 2 as const, value })),
            ...wanted.map((ip) => ({ type: 7 as const, ip })),
          ],
        },
      ],
      ca: { key: root.key, cert: root.cert },
    }));
  return {
    key: leaf.key,
    certificate: `${leaf.cert.trim()}\n${root.cert.trim()}\n`,
    root: root.cert,
    fingerprint: new X509Certificate(root.cert).fingerprint256,
  };
}

interface Pair {
  key: string;
  cert: string;
}

type Options = NonNullable<Parameters<(typeof import('selfsigned'))['generate']>[1]>;
type Request = Pick<Options, 'extensions' | 'ca'> & { days: number; commonName: string };

const rootRequest = (): Request => ({
  days: rootDays,
  // Of two clubs on one phone each is told from the other. No comma: names are written with commas between.
  commonName: `Yellow Ledger root ${randomBytes(3).toString('hex')}`,
  extensions: [
    { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
    { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
  ],
});

const isFresh = ({ validTo }: X509Certificate) =>
  Date.parse(validTo) - Date.now() > renewDays * dayMs;

/** The content kept under a name; null where there is none, or it cannot be read or used any more. */
function kept(
  folder: string,
  name: string,
  does: (certificate: X509Certificate) => boolean,
): Pair | null {
  const [keyFile, certFile] = filesOf(folder, name);
  if (!existsSync(keyFile) || !existsSync(certFile)) return null;
  const pair = { key: readFileSync(keyFile, 'utf8'), cert: readFileSync(certFile, 'utf8') };
  try {
    const certificate = new X509Certificate(pair.cert);
    return certificate.checkPrivateKey(createPrivateKey(pair.key)) && does(certificate)
      ? pair
      : null;
  } catch {
    return null;
  }
}

async function make(
  folder: string,
  name: string,
  { days, commonName, ...request }: Request,
): Promise<Pair> {
  // Asked for here alone: who has a certificate, or none, does without.
  const { generate } = await import('selfsigned');
  const now = Date.now();
  const made = await generate([{ name: 'commonName', value: commonName }], {
    ...request,
    keyType: 'ec',
    algorithm: 'sha256',
    // Clocks in a club room differ by some minutes, and time zones are set wrong.
    notBeforeDate: new Date(now - dayMs),
    notAfterDate: new Date(now + days * dayMs),
  });
  const [keyFile, certFile] = filesOf(folder, name);
  writeFileSync(keyFile, made.private, { mode: 0o600 });
  chmodSync(keyFile, 0o600);
  writeFileSync(certFile, made.cert);
  return { key: made.private, cert: made.cert };
}

const filesOf = (folder: string, name: string) =>
  [join(folder, `${name}.key.pem`), join(folder, `${name}.pem`)] as const;
