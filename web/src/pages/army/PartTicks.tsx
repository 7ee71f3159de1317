import { firstUnticked, type Army, type Part, type Unit } from '@yellow-ledger/core';
import { entryHead } from '../../ledger/log/entryHead';
import { useAppStore } from '../../ledger/store';
import { useWriter } from '../../ledger/useWriter';
import { ofWhatIsPainted } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { modelsWords } from '../../parts/words/modelsWords';

/** Parts to be counted off on every model, and on how many models they are. */
export function PartTicks({ army, unit }: { army: Army; unit: Unit }) {
  const writer = useWriter();
  const store = useAppStore();
  const { answer: ticked } = useAnswer(
    ofWhatIsPainted,
    [army],
    (worker) => worker.partsTicked(army),
    unit.parts.length > 0,
  );
  if (unit.parts.length === 0) return null;
  /** Ticks off the first models that are open, or unticks the last that are not, to come to a number. */
  const put = ({ id, name }: Part, on: readonly number[], wanted: number) => {
    if (wanted === on.length) return;
    const isTicked = wanted > on.length;
    const models = isTicked
      ? firstUnticked(new Set(on), wanted)
      : [...on].sort((one, other) => one - other).slice(wanted);
    const tick = {
      kind: 'tick' as const,
      ...entryHead(store.getState()),
      benchId: army.id,
      armyId: army.id,
      unitId: unit.id,
      partId: id,
      models,
      isTicked,
    };
    writer.do(`tick off ${name} of ${unit.name}`, { entries: [tick] });
  };
  return (
    <section className="part-ticks" aria-label="To count on every model">
      <h2>To count on every model</h2>
      <ul>
        {unit.parts.map((part) => {
          const { id, name, count } = part;
          const on = (ticked?.[`${unit.id} ${id}`] ?? []).filter((model) => model <= unit.models);
          const done = on.length;
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
                  value={done}
                  onChange={(event) => {
                    const typed = Math.floor(Number(event.target.value)) || 0;
                    put(part, on, Math.max(0, Math.min(unit.models, typed)));
                  }}
                />{' '}
                of {unit.models} models
              </label>
              {done > 0 && done < unit.models && <span> · on {modelsWords(on)}</span>}
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
