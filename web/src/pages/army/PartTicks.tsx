import type { Unit } from '@yellow-ledger/core';
import { useAnswer } from '../../workers/useAnswer';
import { useShelf } from '../../workers/useShelf';
import { modelsWords } from '../bench/benchWords';
import type { ChangeArmy } from './changeArmy';

/** Parts to be counted off on every model, and on how many models they are. */
export function PartTicks({
  armyId,
  unit,
  change,
}: {
  armyId: string;
  unit: Unit;
  change: ChangeArmy;
}) {
  const { pots } = useShelf();
  const { answer: ticked } = useAnswer(
    pots,
    [armyId],
    (worker) => worker.partsTicked(armyId),
    unit.parts.length > 0,
  );
  if (unit.parts.length === 0) return null;
  const put = (partId: string, doneOn: number) =>
    change(`tick off parts of ${unit.name}`, (before) => ({
      ...before,
      units: before.units.map((each) =>
        each.id === unit.id
          ? {
              ...each,
              parts: each.parts.map((part) => (part.id === partId ? { ...part, doneOn } : part)),
            }
          : each,
      ),
    }));
  return (
    <section className="part-ticks" aria-label="To count on every model">
      <h2>To count on every model</h2>
      <ul>
        {unit.parts.map(({ id, name, count, doneOn = 0 }) => {
          const atBench = ticked?.[`${unit.id} ${id}`] ?? [];
          const done = Math.max(doneOn, atBench.length);
          return (
            <li key={id}>
              <label>
                <b dir="auto">
                  {name} {count ?? 'many'}
                </b>
                : all of them on{' '}
                <input
                  className="form-control form-control-sm"
                  type="number"
                  min={0}
                  max={unit.models}
                  value={doneOn}
                  onChange={(event) => {
                    const typed = Math.floor(Number(event.target.value)) || 0;
                    put(id, Math.max(0, Math.min(unit.models, typed)));
                  }}
                />{' '}
                of {unit.models} models
              </label>
              {atBench.length > 0 && <span> · at the bench on {modelsWords(atBench)}</span>}
              {done >= unit.models ? (
                <span> · all done</span>
              ) : (
                count !== null && <span> · {(unit.models - done) * count} still to do</span>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
