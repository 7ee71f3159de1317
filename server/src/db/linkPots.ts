import type { Knex } from 'knex';

/** Something draws from pots that are on no shelf. */
export class UnknownPots extends Error {
  constructor(readonly potIds: string[]) {
    super(`no pots ${potIds.join(', ')}`);
    this.name = 'UnknownPots';
  }
}

/** Where it is noted which pots a kind of record draws from, so that they cannot be deleted. */
export type PotLinks =
  | { table: 'recipe_pots'; owner: 'recipe_id' }
  | {
      table: 'palette_pots';
      owner: 'palette_id';
    };

/** Notes anew which pots a record draws from. @throws UnknownPots */
export async function linkPots(
  transaction: Knex.Transaction,
  { table, owner }: PotLinks,
  id: string,
  potIds: readonly string[],
): Promise<void> {
  const known: string[] = await transaction('pots').whereIn('id', potIds).pluck('id');
  if (known.length < potIds.length)
    throw new UnknownPots(potIds.filter((potId) => !known.includes(potId)));
  await transaction(table)
    .where({ [owner]: id })
    .delete();
  if (potIds.length > 0)
    await transaction(table).insert(potIds.map((potId) => ({ [owner]: id, pot_id: potId })));
}
