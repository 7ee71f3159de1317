import type { Club } from '../club/club';
import { freshPassphrases } from '../demo/sampleClub';
import type { Carriage } from './clubSettings';
import type { Serving } from './serve';

/** Says, at the start of a club, how it is come into and what is to be known of that. */
export async function sayClub(
  club: Club,
  carriage: Carriage,
  { root }: Serving,
  at: string,
  isDemo: boolean,
): Promise<void> {
  const address = carriage.by === 'proxy' ? `${carriage.address}/` : at;
  const say = (line: string) => console.log(`  ${line}`);
  if (carriage.by === 'proxy') say(`members log in at ${address}`);
  if (carriage.by === 'plain http')
    say(
      'Nothing is encrypted: whoever is in this network reads passphrases and everything else. Phones keep no screen awake, and cannot install it.',
    );
  if (root) {
    say(`certificate made here; SHA-256 of its root: ${root.fingerprint}`);
    say(`how a phone comes to trust it: ${address}trust`);
  }
  const token = await club.firstLink();
  if (token)
    say(`who opens this link becomes the manager, once, within a day: ${address}come-in#${token}`);
  if (!isDemo) return;
  say('this is the sample club; come in as');
  for (const { name, role, passphrase } of await freshPassphrases(club))
    say(`  ${name} (${role}), passphrase: ${passphrase}`);
}
