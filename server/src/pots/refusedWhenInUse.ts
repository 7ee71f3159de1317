import type { Pot } from '@yellow-ledger/core';
import type { RecordStore } from '../db/recordStore';
import { Problem } from '../http/problem';
import { PotInUse } from './potStore';

/** The pots, whose deletion is refused in words while something draws from them. */
export function refusedWhenInUse(store: RecordStore<Pot>): RecordStore<Pot> {
  return {
    ...store,
    async remove(id, revision) {
      try {
        await store.remove(id, revision);
      } catch (error) {
        if (!(error instanceof PotInUse)) throw error;
        throw new Problem(
          409,
          'in-use',
          `This pot cannot be deleted: ${whoDraws(error)} from it. Retire it instead.`,
        );
      }
    },
  };
}

function whoDraws({ recipes, isOnPalette }: PotInUse): string {
  if (recipes === 0 && isOnPalette) return 'a well of the palette draws';
  return recipes === 1 ? 'a recipe or one of its versions draws' : `${recipes} recipes draw`;
}
