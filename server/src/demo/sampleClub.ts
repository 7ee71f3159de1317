import { randomInt } from 'node:crypto';
import type { Role } from '@yellow-ledger/core';
import type { Club } from '../club/club';
import { hashPassphrase } from '../club/login/passphrases';

/** The members of the sample club. */
export const sampleMembers: readonly { name: string; role: Role }[] = [
  { name: 'Ottoline', role: 'keeper' },
  { name: 'Barnaby', role: 'painter' },
  { name: 'Wren', role: 'painter' },
  { name: 'Sedge', role: 'painter' },
  { name: 'Marsh', role: 'guest' },
];

const words =
  'amber bittern copper dew eel fen gull heron ibis jetty kelp lantern moss newt oilskin plover quill reed sedge tallow umber vane willow yarrow'.split(
    ' ',
  );
const wordsOfPassphrase = 5;

/** Adds the members of the sample club that are not there yet. */
export async function addSampleMembers(club: Club): Promise<void> {
  const here = new Set((await club.members.list()).map(({ name }) => name));
  for (const { name, role } of sampleMembers)
    if (!here.has(name)) await club.add(name, role, await hashPassphrase(newPassphrase()));
}

/**
 * New passphrases for the members of the sample club, to be said at its start: what is drawn anew
 * each time can be printed, and is known to nobody who has not started it.
 */
export async function freshPassphrases(
  club: Club,
): Promise<{ name: string; role: Role; passphrase: string }[]> {
  const said = [];
  for (const { id, name, role } of await club.members.list()) {
    const passphrase = newPassphrase();
    await club.setPassphrase(id, await hashPassphrase(passphrase));
    said.push({ name, role, passphrase });
  }
  return said;
}

const newPassphrase = (): string =>
  Array.from({ length: wordsOfPassphrase }, () => words[randomInt(words.length)]).join(' ');
