import { doneAfterAll, holderOf, putOff, type PutOff } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo } from 'react';
import { modelsWords } from '../../../kit/words/modelsWords';
import type { BenchPartProps } from '../benchPart';

/** Parts that were left for later on models of this bench, each to be done. */
export function PutOffList({ bench, army, hand, words }: Omit<BenchPartProps, 'view'>) {
  const holderId = holderOf({ armyId: bench.armyId ?? null }, bench.id);
  const open = useMemo(
    () =>
      putOff(hand.log.entries.filter(({ kind }) => isAboutLater.has(kind))).filter(
        (each) => each.holderId === holderId && army.units.some(({ id }) => id === each.unitId),
      ),
    [hand.log.entries, holderId, army],
  );
  if (open.length === 0) return null;
  const done = (each: PutOff) => {
    if (hand.isPress('done later')) hand.write([doneAfterAll(each, hand.head())]);
  };
  return (
    <section>
      <h2>Left for later</h2>
      <ul className="rows">
        {open.map((each) => (
          <li key={`${each.entry.id} ${each.surfaceId}`} className="across">
            <span dir="auto">
              {each.what}: {words.surface(each.unitId, each.surfaceId)}, line {each.line},{' '}
              {each.models.length === 1 ? 'model' : 'models'} {modelsWords(each.models)}
            </span>
            <Button
              variant="plain"
              aria-label={`Done after all: ${each.what}`}
              onClick={() => done(each)}
            >
              Done
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Kinds of entry that say what is left for later. */
const isAboutLater: ReadonlySet<string> = new Set(['later', 'stripped', 'strike']);
