import type { Kept, Pot } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { type RecordStore } from '../db/recordStore';
import { StaleWrite } from '../db/storeErrors';
import { Problem } from '../http/problem';

/** Writes many pots, all or none. @throws Problem 409 */
export async function putPotsInto(
  pots: Pick<RecordStore<Pot>, 'put'>,
  writes: readonly { content: Pot; revision: number }[],
  within: Knex.Transaction,
): Promise<Kept<Pot>[]> {
  const written: Kept<Pot>[] = [];
  for (const { content, revision } of writes)
    try {
      written.push(await pots.put(content, revision, within));
    } catch (error) {
      if (!(error instanceof StaleWrite)) throw error;
      throw new Problem(
        409,
        'stale',
        `${content.name} was changed elsewhere since the table was looked at. Nothing was imported; look at it again.`,
        { current: error.current },
      );
    }
  return written;
}
