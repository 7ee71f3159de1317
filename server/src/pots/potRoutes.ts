import { potSchema, type Pot } from '@yellow-ledger/core';
import type { RecordStore } from '../db/recordStore';
import { Problem } from '../http/problem';
import { recordRoutes } from '../http/recordRoutes';
import { PotInUse } from './potStore';

export function potRoutes(store: RecordStore<Pot>) {
  return recordRoutes('pot', potSchema, {
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
  });
}

function whoDraws({ recipes, isOnPalette }: PotInUse): string {
  if (recipes === 0 && isOnPalette) return 'a well of the palette draws';
  return recipes === 1 ? 'a recipe or one of its versions draws' : `${recipes} recipes draw`;
}
