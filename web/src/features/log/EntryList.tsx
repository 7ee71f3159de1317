import type { LogEntry, Pot } from '@yellow-ledger/core';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { useCollection } from '../../data/useCollections';
import { potNamesOf } from '../../kit/words/recipeWords';
import type { LogNamesKnown } from './logWork';
import { EntryActions } from '../../kit/log/EntryActions';
import type { Struck } from './StruckEntries';
import { entryWords, unitName } from './entryWords';

export interface EntryListProps {
  entries: readonly LogEntry[];
  names: LogNamesKnown;
  pots: readonly Pot[];
  /** the latest at the top; the first where not said */
  isNewestFirst?: boolean;
  /** called with an entry that was struck out, or put right by another */
  onStruck: (struck: Struck) => void;
}

/** Log entries, line by line. */
export function EntryList(props: EntryListProps) {
  const { entries, names, pots, isNewestFirst = false, onStruck } = props;
  const potName = potNamesOf(pots);
  const modelsIn = useModelCounts();
  const shown = isNewestFirst ? [...entries].reverse() : entries;
  return (
    <ol className="rows entries">
      {shown.map((entry) => (
        <li key={entry.id}>
          <time dateTime={entry.at}>
            {format(new Date(entry.at), isNewestFirst ? 'd MMM HH:mm' : 'HH:mm')}
          </time>
          <span dir="auto">
            {entryWords(entry, names, potName)}
            {entry.by && <small> by {entry.by}</small>}
          </span>
          {'where' in entry && (
            <Link
              to={`/log/models/${entry.where.armyId ?? entry.benchId}/${entry.where.unitId}/${entry.where.models[0]}`}
              aria-label={`Model ${entry.where.models[0]} of ${unitName(entry, names)}`}
            >
              model {entry.where.models[0]}
            </Link>
          )}
          <EntryActions
            entry={entry}
            models={modelsIn('where' in entry ? entry.where.unitId : '')}
            onStruck={(strike) => onStruck({ entry, strike })}
          />
        </li>
      ))}
    </ol>
  );
}

/** So many models a unit may have where it is not known. */
const mostModels = 2000;

/** Models of a unit of any army, by its id. */
function useModelCounts(): (unitId: string) => number {
  const armies = useCollection('armies') ?? [];
  const counts = new Map(
    armies.flatMap(({ content }) => content.units.map(({ id, models }) => [id, models] as const)),
  );
  return (unitId) => counts.get(unitId) ?? mostModels;
}
