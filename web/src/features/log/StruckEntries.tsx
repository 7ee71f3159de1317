import type { LogEntry, Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { strikesOf } from '../../data/log/strikes';
import { useAppStore } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { potNamesOf } from '../../kit/words/recipeWords';
import { entryWords } from './entryWords';
import type { LogNamesKnown } from './logWork';

/** An entry and the strike that was written for it. */
export interface Struck {
  entry: LogEntry;
  strike: LogEntry;
}

interface StruckEntriesProps {
  struck: readonly Struck[];
  names: LogNamesKnown;
  pots: readonly Pot[];
  onPutBack: (struck: Struck) => void;
}

/** Entries struck out on this page a moment ago, each to be counted again by one press. */
export function StruckEntries({ struck, names, pots, onPutBack }: StruckEntriesProps) {
  const writer = useWriter();
  const store = useAppStore();
  const potName = potNamesOf(pots);
  if (struck.length === 0) return null;
  return (
    <section aria-label="Struck out just now">
      <h2>Struck out just now</h2>
      <ul className="rows">
        {struck.map((each) => (
          <li key={each.strike.id}>
            <s dir="auto">{entryWords(each.entry, names, potName)}</s>{' '}
            <Button
              variant="plain"
              onClick={() => {
                writer.append(strikesOf(store.getState(), [each.strike]));
                onPutBack(each);
              }}
            >
              Count it again
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
