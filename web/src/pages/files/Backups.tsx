import { counted } from '@yellow-ledger/core';
import { format, parseISO } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { asProblem } from '../../ledger/ask';
import { useBackupsQuery, useMakeBackupMutation, type Backup } from '../../ledger/backups';
import { FigureTable } from '../../parts/FigureTable';
import { Problem } from '../../parts/Problem';

/** Whole copies of the ledger that its server keeps: one a day, and one whenever somebody says so. */
export function Backups() {
  const { data: list, error: unread } = useBackupsQuery();
  const [make, { isLoading: isMaking, error: unmade }] = useMakeBackupMutation();
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
        .{' '}
        <Button variant="outline" disabled={isMaking} onClick={() => void make()}>
          {isMaking ? 'Making one …' : 'Make one now'}
        </Button>
      </p>
      {problem && <Problem>{asProblem(problem).message}</Problem>}
      {list?.items.length === 0 && <p>There is none yet.</p>}
      {list && list.items.length > 0 && (
        <FigureTable
          label="Backups"
          heads={['Made', 'Holds', 'Size', 'Take it with you']}
          rows={list.items.map((backup) => [
            format(parseISO(backup.madeAt), 'd MMMM yyyy, HH:mm'),
            holds(backup),
            sizeWords(backup.bytes),
            <a
              key="take"
              href={`/api/backups/${backup.name}`}
              aria-label={`Save ${backup.name}`}
              download
            >
              Save it
            </a>,
          ])}
        />
      )}
      <p>
        To go back to one: stop the ledger, then <b>npm run restore -- FILE</b>. It is read through
        on a copy first, and what it replaces is kept.
      </p>
    </section>
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
  bytes < 1e6 ? `${Math.ceil(bytes / 1000)} KB` : `${(bytes / 1e6).toFixed(1)} MB`;
