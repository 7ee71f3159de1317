import type { Knex } from 'knex';
import { inParts, insertMany, valuesAtOnce } from './inParts';

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
  await refuseUnknown(transaction, potIds);
  await unlinkPots(transaction, kind, id);
  await insertMany(transaction, 'drawn_pots', linksOf(kind, id, potIds));
}

/** The same for records that were not there, many at once. @param potIds by record @throws UnknownPots */
export async function linkPotsOfNew(
  transaction: Knex.Transaction,
  kind: string,
  potIds: ReadonlyMap<string, readonly string[]>,
): Promise<void> {
  await refuseUnknown(transaction, [...new Set([...potIds.values()].flat())]);
  const links = [...potIds].flatMap(([id, drawn]) => linksOf(kind, id, drawn));
  await insertMany(transaction, 'drawn_pots', links);
}

const linksOf = (kind: string, id: string, potIds: readonly string[]): PotLink[] =>
  potIds.map((potId) => ({ kind, record_id: id, pot_id: potId }));

async function refuseUnknown(transaction: Knex.Transaction, potIds: readonly string[]) {
  const known = new Set<string>();
  for (const part of inParts(potIds, valuesAtOnce))
    for (const id of await transaction('pots').whereIn('id', part).pluck<string[]>('id'))
      known.add(id);
  const unknown = potIds.filter((potId) => !known.has(potId));
  if (unknown.length > 0) throw new UnknownPots(unknown);
}

/** A record that is gone draws from nothing. */
export async function unlinkPots(transaction: Knex.Transaction, kind: string, id: string) {
  await transaction<PotLink>('drawn_pots').where({ kind, record_id: id }).delete();
}
