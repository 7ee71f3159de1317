import type { Knex } from 'knex';
import { insertMany } from './inParts';

/** Something draws from pots that are on no shelf. */
export class UnknownPots extends Error {
  constructor(readonly potIds: string[]) {
    super(`no pots ${potIds.join(', ')}`);
    this.name = 'UnknownPots';
  }
}

/** Which pots a record draws from, so that they cannot be deleted. */
export interface PotLink {
  kind: string;
  record_id: string;
  pot_id: string;
}

/** Notes anew which pots a record draws from. @throws UnknownPots */
export async function linkPots(
  transaction: Knex.Transaction,
  kind: string,
  id: string,
  potIds: readonly string[],
): Promise<void> {
  const known: string[] = await transaction('pots').whereIn('id', potIds).pluck('id');
  if (known.length < potIds.length)
    throw new UnknownPots(potIds.filter((potId) => !known.includes(potId)));
  await unlinkPots(transaction, kind, id);
  const links = potIds.map((potId): PotLink => ({ kind, record_id: id, pot_id: potId }));
  await insertMany(transaction, 'drawn_pots', links);
}

/** A record that is gone draws from nothing. */
export async function unlinkPots(transaction: Knex.Transaction, kind: string, id: string) {
  await transaction<PotLink>('drawn_pots').where({ kind, record_id: id }).delete();
}
