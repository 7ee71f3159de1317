import { standing, unitOf } from '@yellow-ledger/core';
import { format } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { writeDownAddress } from '../../../kit/log/writeDownAddress';
import { EntryActions } from '../../../kit/log/EntryActions';
import { modelsWords } from '../../../kit/words/modelsWords';
import type { BenchPartProps } from '../benchPart';

/** So many can be put right at the bench; older ones in the log. */
const mostShown = 8;
/** Models of a unit that is not known. */
const mostModels = 2000;

type Standing = ReturnType<typeof standing>[number];

/** The last entry and taking it back; and those before it, each to be struck out or put right. */
export function LastEntries({ army, bench, hand, words }: BenchPartProps) {
  const [isOpen, setIsOpen] = useState(false);
  const here = useMemo(
    () => standing(hand.log.entries).filter((entry) => entry.benchId === bench.id),
    [hand.log.entries, bench.id],
  );
  const last = here.at(-1);
  if (!last) return null;
  const lastCoat = here.findLast((entry) => entry.kind === 'coat');
  const says = (entry: Standing) => {
    const where =
      'where' in entry ? ` ${words.surface(entry.where.unitId, entry.where.surfaceId)}` : '';
    const models = 'where' in entry ? `, ${modelsWords(entry.where.models)}` : '';
    return `${lastWords[entry.kind]}${where}${models}`;
  };
  const modelsOf = (entry: Standing) =>
    ('where' in entry && unitOf(army, entry.where.unitId)?.models) || mostModels;
  return (
    <section aria-label="Last entries">
      <div className="flow across">
        <p dir="auto">Last: {says(last)}</p>
        <Button variant="plain" onClick={hand.takeBack}>
          Take it back
        </Button>
        <Button variant="plain" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
          Correct an entry
        </Button>
      </div>
      {lastCoat && <Link to={writeDownAddress(lastCoat)}>Write it down as I did it</Link>}
      {isOpen && (
        <ol className="rows">
          {here
            .slice(-mostShown)
            .reverse()
            .map((entry) => (
              <li key={entry.id}>
                <time dateTime={entry.at}>{format(new Date(entry.at), 'HH:mm')}</time>{' '}
                <span dir="auto">
                  {says(entry)}
                  {'where' in entry && 'line' in entry && Number(entry.line) > 0 && (
                    <small> line {entry.line}</small>
                  )}
                  {entry.by && <small> by {entry.by}</small>}
                </span>
                <EntryActions entry={entry} models={modelsOf(entry)} />
              </li>
            ))}
        </ol>
      )}
    </section>
  );
}

const lastWords = {
  coat: 'painted',
  skip: 'skipped on',
  later: 'left for later on',
  found: 'found painted:',
  mixed: 'a mix',
  mishap: 'a mishap on',
  dry: 'felt dry:',
  tick: 'parts ticked off',
  stripped: 'stripped',
  reading: 'read:',
  learned: 'a value learned',
} as const;
