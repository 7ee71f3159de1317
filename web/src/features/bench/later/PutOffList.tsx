import { doneAfterAll, holderOf, putOff } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { LaterRows } from '../../../kit/log/LaterRows';
import { modelsWords } from '../../../kit/words/modelsWords';
import type { BenchPartProps } from '../benchPart';

/** Parts that were left for later on models of this bench, each to be done. */
export function PutOffList({ bench, army, hand, words }: Omit<BenchPartProps, 'view'>) {
  const holderId = holderOf({ armyId: bench.armyId ?? null }, bench.id);
  const open = useMemo(
    () =>
      putOff(hand.log.entries).filter(
        (each) => each.holderId === holderId && army.units.some(({ id }) => id === each.unitId),
      ),
    [hand.log.entries, holderId, army],
  );
  if (open.length === 0) return null;
  return (
    <section>
      <h2>Left for later</h2>
      <LaterRows
        later={open}
        where={({ unitId, surfaceId, line, models }) =>
          `${words.surface(unitId, surfaceId)}, line ${line}, ${models.length === 1 ? 'model' : 'models'} ${modelsWords(models)}`
        }
        onDone={(each) =>
          hand.isPress('done later') && hand.write([doneAfterAll(each, hand.head())])
        }
      />
    </section>
  );
}
