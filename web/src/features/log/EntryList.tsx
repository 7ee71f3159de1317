import type { LogEntry, Pot } from '@yellow-ledger/core';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { potNamesOf } from '../../kit/words/recipeWords';
import type { LogNamesKnown } from './logWork';
import { entryWords, unitName } from './entryWords';

export interface EntryListProps {
  entries: readonly LogEntry[];
  names: LogNamesKnown;
  pots: readonly Pot[];
}

/** Log entries, line by line. */
export function EntryList({ entries, names, pots }: EntryListProps) {
  const potName = potNamesOf(pots);
  return (
    <ol className="rows entries">
      {entries.map((entry) => (
        <li key={entry.id}>
          <time dateTime={entry.at}>{format(new Date(entry.at), 'HH:mm')}</time>
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
        </li>
      ))}
    </ol>
  );
}
