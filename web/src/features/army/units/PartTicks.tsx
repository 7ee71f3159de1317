import { firstUnticked, type Army, type Part, type Unit } from '@yellow-ledger/core';
import { entryHead } from '../../../data/log/entryHead';
import { useAppStore } from '../../../data/store';
import { useWriter } from '../../../data/useWriter';
import { CountField } from '../../../kit/field/CountField';
import { modelsWords } from '../../../kit/words/modelsWords';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';

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
    <section aria-label="To count on every model">
      <h2>To count on every model</h2>
      <ul className="ruled">
        {unit.parts.map((part) => {
          const { id, name, count } = part;
          const on = (ticked?.[`${unit.id} ${id}`] ?? []).filter((model) => model <= unit.models);
          const done = on.length;
          return (
            <li key={id}>
              <CountField
                label={
                  <>
                    <b>
                      {name} {count ?? 'many'}
                    </b>
                    : all of them on
                  </>
                }
                after={`of ${unit.models} models`}
                value={done}
                most={unit.models}
                onCount={(wanted) => put(part, on, wanted)}
              />
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
