import { format, parseISO } from 'date-fns';
import { asProblem } from '../../data/ask';
import { useMembersQuery, useTrailQuery, type Activity } from '../../data/club/clubApi';
import { FigureTable } from '../../kit/FigureTable';
import { Problem } from '../../kit/Problem';

/** The activity of the club; an entry never changes. */
export function TrailLeaf() {
  const { data: trail, error } = useTrailQuery();
  const { data: members } = useMembersQuery();
  const nameOf = (id: string | null) =>
    id === null ? 'somebody' : (members?.find((each) => each.id === id)?.name ?? 'a former member');
  return (
    <section aria-labelledby="trail-head">
      <h2 id="trail-head">Trail</h2>
      <p>
        Who came in, was given rights, gave, deleted, exported, approved and restored. Entries are
        only ever added.{' '}
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
            entry.did,
            aboutWords(entry, nameOf),
          ])}
        />
      )}
    </section>
  );
}

const aboutWords = ({ about }: Activity, nameOf: (id: string) => string) =>
  Object.entries(about)
    .map(([key, value]) => {
      if (key === 'memberId') return nameOf(value);
      return key === 'linkMadeBy' ? `by a link that ${nameOf(value)} made` : value;
    })
    .join(', ');
