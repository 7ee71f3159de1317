import { format, parseISO } from 'date-fns';
import { asProblem } from '../../data/ask';
import { useMembersQuery, useTrailQuery, type Activity } from '../../data/club/clubApi';
import { FigureTable } from '../../kit/FigureTable';
import { Problem } from '../../kit/Problem';

/** The activity of the club; an entry never changes. */
export function ActivityLog() {
  const { data: trail, error } = useTrailQuery();
  const { data: members } = useMembersQuery();
  const nameOf = (id: string | null) =>
    id === null ? 'somebody' : (members?.find((each) => each.id === id)?.name ?? 'a former member');
  return (
    <section aria-labelledby="trail-head">
      <h2 id="trail-head">Activity log</h2>
      <p>
        Logins, rights, gifts, deletions, exports, approvals and restores. Entries are only ever
        added.{' '}
        <a href="/api/club/trail.csv" download>
          Save all of it as a table (CSV)
        </a>
      </p>
      {error && <Problem>{asProblem(error).message}</Problem>}
      {trail && (
        <FigureTable
          label="What was done"
          heads={['When', 'Who', 'Did', 'What']}
          rows={trail.map((entry) => [
            format(parseISO(entry.at), 'd\u00a0MMM, HH:mm:ss'),
            nameOf(entry.memberId),
            didWords(entry.did),
            aboutWords(entry, nameOf),
          ])}
        />
      )}
    </section>
  );
}

const plainDid: Record<string, string> = { 'was put out': 'was removed', 'came in': 'logged in' };

/** An action as it is called on screen; some were stored under older names. */
const didWords = (did: string): string => plainDid[did] ?? did;

const isIdentifier = (value: string) => /^[\da-f]{8}-[\da-f]{4}-/u.test(value);

const aboutWords = ({ about }: Activity, nameOf: (id: string) => string) =>
  Object.entries(about)
    .flatMap(([key, value]) => {
      if (key === 'memberId') return nameOf(value);
      if (key === 'linkMadeBy') return `by a link that ${nameOf(value)} made`;
      return isIdentifier(value) ? [] : value;
    })
    .join(', ');
