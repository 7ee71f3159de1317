import {
  counted,
  standing,
  tickedOn,
  unitOf,
  type BenchTask,
  type Drying,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { Swatch } from '../../../kit/paint/Swatch';
import { modelsWords } from '../../../kit/words/modelsWords';
import type { BenchPartProps } from '../benchPart';
import { leftWords } from '../../../kit/words/leftWords';
import { PutOffList } from '../later/PutOffList';
import { LastEntries } from './LastEntries';
import { TakenUp } from './TakenUp';

/** Around the step: what dries, what can be done meanwhile, what to keep wet, what to count. */
export function Around(props: BenchPartProps) {
  return (
    <aside className="bench-around" aria-label="Around it">
      <LastEntries {...props} />
      <TakenUp {...props} />
      <DryingList {...props} />
      <Meanwhile {...props} />
      <PutOffList {...props} />
      <WetList {...props} />
      <PartList {...props} />
    </aside>
  );
}

function DryingList({ view, hand, words }: BenchPartProps) {
  const { drying } = view.state;
  const passed = hand.now - view.seenAt;
  return (
    <section>
      <h2>Drying</h2>
      {drying.length === 0 && <p className="quiet">Nothing dries.</p>}
      <ul className="rows">
        {drying.map((each) => {
          const what = `${words.surface(each.unitId, each.surfaceId)} ${modelsWords(each.models)}`;
          return (
            <li className="across" key={each.entryId}>
              <span dir="auto">
                {what}
                <small>
                  {' '}
                  {words.unit(each.unitId)}, {each.line === 0 ? 'extra step' : `line ${each.line}`}
                </small>
              </span>
              <b>{each.ms - passed > 0 ? leftWords(each.ms - passed) : 'dry'}</b>
              <Button
                variant="plain"
                aria-label={`Is dry: ${what}`}
                onClick={() => feltDry(each, { hand, view })}
              >
                Is dry
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** Somebody has felt it: what was reckoned is off, and the log learns by it. */
function feltDry(drying: Drying, { hand, view }: Pick<BenchPartProps, 'hand' | 'view'>): void {
  // The next in the list moves up under the finger: a second tap there is none of its own.
  if (!hand.isPress('dry')) return;
  const entry = hand.log.entries.find(({ id }) => id === drying.entryId);
  if (entry?.kind !== 'coat') return;
  const { where, recipeId, version, stepId, line, coat, benchId } = entry;
  const minutes = Math.max(0, (hand.now - Date.parse(entry.at)) / 60_000);
  const reckoned = entry.dryMinutes / view.own.drying;
  const felt = { where, recipeId, version, stepId, line, coat, minutes, reckoned };
  hand.write([{ kind: 'dry', ...hand.head(), benchId, ...felt }]);
}

function Meanwhile({ view, hand, words }: BenchPartProps) {
  const others = view.state.tasks.filter(
    ({ key, models }) => models.length > 0 && key !== view.now?.task.key,
  );
  if (others.length === 0) return null;
  return (
    <section>
      <h2>Meanwhile</h2>
      <ul className="rows">
        {others.slice(0, mostShown).map((task) => (
          <li className="across" key={task.key}>
            <Button variant="chip" className="meanwhile" onClick={() => hand.take(task.key)}>
              <span dir="auto">{sayTask(task, words, view.recipeNames)}</span>
              <small>{counted(task.models.length, 'model')}</small>
            </Button>
          </li>
        ))}
      </ul>
      {others.length > mostShown && <p className="quiet">and {others.length - mostShown} more</p>}
    </section>
  );
}

const mostShown = 6;

function sayTask(
  { unitId, surfaceId, recipeId, line, coat, coats }: BenchTask,
  words: BenchPartProps['words'],
  names: Readonly<Record<string, string>>,
): string {
  const which = coats > 1 ? `, coat ${coat} of ${coats}` : '';
  const recipe = names[recipeId] ? `${names[recipeId]}, ` : '';
  return `${words.surface(unitId, surfaceId)}: ${recipe}line ${line}${which}`;
}

function WetList({ view, hand }: BenchPartProps) {
  const passed = hand.now - view.seenAt;
  if (view.wet.length === 0) return null;
  return (
    <section>
      <h2>Wet on the palette</h2>
      <ul className="rows">
        {view.wet.map(({ entry, ms, coatsLeft, hex }) => (
          <li className="across" key={entry.id}>
            <span dir="auto">
              <Swatch hex={hex} /> {view.recipeNames[entry.recipeId] ?? 'a recipe that is gone'},
              line {entry.line}
              <small>
                {' '}
                {coatsLeft > 0 ? `${counted(coatsLeft, 'coat')} to come` : 'no longer needed'}
              </small>
            </span>
            <b>{leftWords(Math.max(0, ms - passed))}</b>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Parts to be counted on every model of the unit that is in hand. */
function PartList({ army, bench, view, hand }: BenchPartProps) {
  const task = view.now?.task;
  const unit = unitOf(army, task?.unitId);
  if (!task || !unit || unit.parts.length === 0) return null;
  const ticks = standing(hand.log.entries).filter((entry) => entry.kind === 'tick');
  const ticked = tickedOn(unit.id, ticks);
  const models = [...task.models, ...task.waiting.map(({ model }) => model)];
  return (
    <section>
      <h2>Count on every model</h2>
      <ul className="rows">
        {unit.parts.map(({ id, name, count }) => {
          const open = models.filter((model) => !ticked.get(id)?.has(model));
          return (
            <li className="across" key={id}>
              <span dir="auto">
                {name} {count ?? 'many'}
                <small>
                  {' '}
                  {open.length === 0 ? 'all ticked off' : `open on ${modelsWords(open)}`}
                </small>
              </span>
              <Button
                variant="plain"
                disabled={open.length === 0}
                aria-label={`Tick off ${name} on the models in hand`}
                onClick={() =>
                  hand.isPress(`parts ${id}`) &&
                  hand.write([
                    {
                      kind: 'tick',
                      ...hand.head(),
                      benchId: bench.id,
                      armyId: bench.armyId ?? null,
                      unitId: unit.id,
                      partId: id,
                      models: open,
                      isTicked: true,
                    },
                  ])
                }
              >
                Tick off
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
