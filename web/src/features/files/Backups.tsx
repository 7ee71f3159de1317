import { counted } from '@yellow-ledger/core';
import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { asProblem } from '../../data/ask';
import {
  useBackupsQuery,
  useMakeBackupMutation,
  useRestoreBackupMutation,
  type Backup,
} from '../../data/backups';
import { useMembership } from '../../data/club/membership';
import { FigureTable } from '../../kit/FigureTable';
import { Problem } from '../../kit/Problem';
import { sayOnNextPage } from '../../kit/shell/notices';

/** Whole copies of the ledger that its server keeps: one a day, and one whenever somebody says so. */
export function Backups() {
  const { data: list, error: unread } = useBackupsQuery();
  const [make, { isLoading: isMaking, error: unmade }] = useMakeBackupMutation();
  // Private records of members are in it.
  const isOfClub = useMembership().is === 'in';
  const problem = unmade ?? unread;
  return (
    <section aria-labelledby="backups-head">
      <h2 id="backups-head">Backups</h2>
      <p>
        {list?.isDaily === false
          ? 'Of the demo no copies are made but those you ask for'
          : 'A whole copy of the ledger is made every day; those of seven days and of four weeks are kept'}
        {list && (
          <>
            , in <b>{list.folder}</b>
          </>
        )}
        .
      </p>
      <Button variant="outline" disabled={isMaking} onClick={() => void make()}>
        {isMaking ? 'Making one …' : 'Make one now'}
      </Button>
      {problem && <Problem>{asProblem(problem).message}</Problem>}
      {list?.items.length === 0 && <p>There is none yet.</p>}
      {list && list.items.length > 0 && (
        <FigureTable
          label="Backups"
          heads={['Made', 'Holds', 'Size', 'Take along', 'Go back']}
          rows={list.items.map((backup) => [
            madeWords(backup),
            holds(backup),
            sizeWords(backup.bytes),
            isOfClub ? (
              'on the machine itself'
            ) : (
              <a
                key="take"
                href={`/api/backups/${backup.name}`}
                aria-label={`Save ${backup.name}`}
                download
              >
                Save it
              </a>
            ),
            <GoBack key="back" backup={backup} />,
          ])}
        />
      )}
      <p>
        A backup is read through on a copy before it takes the place of the ledger, and what it
        replaces is kept beside it. One from elsewhere is put in place while the ledger is stopped:{' '}
        <b>npm run restore -- FILE</b>.
      </p>
    </section>
  );
}

const madeWords = ({ madeAt }: Backup) => format(parseISO(madeAt), 'd\u00a0MMM\u00a0yyyy, HH:mm');

/** Puts a backup in the place of the ledger, once that was said twice; the page then opens anew. */
function GoBack({ backup }: { backup: Backup }) {
  const [isSure, setIsSure] = useState(false);
  const [restore, { isLoading, error }] = useRestoreBackupMutation();
  const go = async () => {
    if (!isSure) return setIsSure(true);
    const { data } = await restore(backup.name);
    if (!data) return setIsSure(false);
    const kept = data.replaced === null ? '' : ` What was there is kept as ${data.replaced}.`;
    sayOnNextPage(`The ledger is what it was on ${madeWords(backup)}.${kept}`);
    window.location.reload();
  };
  return (
    <>
      <Button
        variant="plain"
        disabled={isLoading}
        aria-label={`${isSure ? 'Put in place of the ledger' : 'Go back to'} ${madeWords(backup)}`}
        onClick={() => void go()}
      >
        {isLoading ? 'Reading it through …' : isSure ? 'Put it in place' : 'Go back …'}
      </Button>
      {error && <Problem>{asProblem(error).message}</Problem>}
    </>
  );
}

/** @example '54 pots, 9 recipes, 1 army' */
function holds({ counts }: Backup): string {
  const told = Object.entries(counts).filter(([, count]) => count > 0);
  if (told.length === 0) return Object.keys(counts).length > 0 ? 'nothing yet' : 'cannot be opened';
  return told.map(([label, count]) => counted(count, label, pluralOf(label))).join(', ');
}

const pluralOf = (label: string) =>
  label.endsWith('y')
    ? `${label.slice(0, -1)}ies`
    : /ch$|s$/.test(label)
      ? `${label}es`
      : `${label}s`;

const sizeWords = (bytes: number) =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1000)}\u00a0KB` : `${(bytes / 1e6).toFixed(1)}\u00a0MB`;
