import type { Kept, Pot } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { readableOnly, type RecordStore } from '../db/recordStore';
import { hiddenFrom, onlySeen } from './hiddenFrom';
import type { Sight } from './sight';

/** Where it is said which pots something draws from: the table, its column, and what draws. */
const drawings = [
  { from: 'drawn_pots', id: 'drawn_pots.record_id', kind: 'drawn_pots.kind' },
  { from: 'version_pots', id: 'version_pots.recipe_id', kind: `'recipes'` },
] as const;

/** A private pot as others see it: enough to compute a surface that it is part of, and nothing else. */
const shadowOf = ({ content }: Kept<Pot>, id: string): Kept<Pot> => {
  const {
    kind,
    finish,
    flow,
    swatch,
    swatchShows,
    hiding,
    hidingIsGuess,
    thinsAs,
    driesAs,
    wetSwatch,
    glazeCard,
  } = content;
  return {
    revision: 1,
    savedAt: '1970-01-01T00:00:00.000Z',
    content: {
      id,
      name: `A private ${kind}`,
      kind,
      finish,
      flow,
      swatch,
      ...(swatchShows && { swatchShows }),
      hiding,
      hidingIsGuess,
      ...(thinsAs && { thinsAs }),
      ...(driesAs && { driesAs }),
      ...(wetSwatch && { wetSwatch }),
      ...(glazeCard && { glazeCard }),
      volumeMl: null,
      notes: '',
      retired: true,
    },
  };
};

/** Hidden pots that something draws from which the member sees; by what stands for each. */
export async function shadowedPots(
  sight: Sight,
  db: Knex | Knex.Transaction,
): Promise<Map<string, string>> {
  const shadowed = new Map<string, string>();
  for (const { from, id, kind } of drawings) {
    const [isHidden, bindings] = hiddenFrom(sight.memberId, 'pot');
    const query = db(from)
      .joinRaw(`join owners as pot on pot.kind = 'pots' and pot.id = ${from}.pot_id`)
      .whereRaw(isHidden, bindings);
    if (!sight.seesProposals && from === 'drawn_pots')
      query.whereNot('drawn_pots.kind', 'proposals');
    const [isDrawingHidden, more] = hiddenFrom(sight.memberId, 'hiding');
    query.whereRaw(
      `not exists (select 1 from owners as hiding where hiding.kind = ${kind} and hiding.id = ${id} and ${isDrawingHidden})`,
      more,
    );
    for (const potId of await query.distinct().pluck<string[]>(`${from}.pot_id`))
      shadowed.set(sight.nameFor({ kinds: ['pots'], id: potId }), potId);
  }
  const used = onlySeen(
    db('used_paint')
      .join('log_entries', 'log_entries.id', 'used_paint.entry_id')
      .joinRaw(`join owners as pot on pot.kind = 'pots' and pot.id = used_paint.pot_id`)
      .whereRaw(...(hiddenFrom(sight.memberId, 'pot') as [string, string[]])),
    sight.memberId,
    { kinds: ['benches', 'armies'], id: 'log_entries.bench_id' },
  );
  for (const potId of await used.distinct().pluck<string[]>('used_paint.pot_id'))
    shadowed.set(sight.nameFor({ kinds: ['pots'], id: potId }), potId);
  return shadowed;
}

/** Those pots, as the member is shown them. */
export async function shadows(
  sight: Sight,
  store: Pick<RecordStore<Pot>, 'get'>,
  db: Knex | Knex.Transaction,
  within?: Knex.Transaction,
): Promise<Kept<Pot>[]> {
  const shown: Kept<Pot>[] = [];
  for (const [name, id] of await shadowedPots(sight, db)) {
    const kept = await readableOnly(store.get(id, within));
    if (kept) shown.push(shadowOf(kept, name));
  }
  return shown;
}
