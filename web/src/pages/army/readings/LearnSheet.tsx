import type { Pot } from '@yellow-ledger/core';
import { useNotice } from '../../../parts/shell/notices';
import { doDeed } from '../../../store/deeds/doDeeds';
import { useAppDispatch } from '../../../store/store';
import type { Readings } from '../../../workers/work/readingWork';
import type { ReadingLog } from './useReadingLog';

/** A gain smaller than this is chance, ΔE00. */
const worthwhile = 0.3;

/** What the readings would correct, and how much nearer the predictions come by it. */
export function LearnSheet({
  readings,
  pots,
  log,
}: {
  readings: Readings;
  pots: Pot[];
  log: ReadingLog;
}) {
  const { film, pots: fits } = readings;
  const dispatch = useAppDispatch();
  const notify = useNotice();
  const isFilm = film !== null && film.before - film.after > worthwhile;
  if (!isFilm && fits.length === 0)
    return (
      <p className="quiet">
        The predictions lie ΔE00 {film?.before.toFixed(1)} from the readings; no correction of a pot
        or of your film would bring them noticeably nearer.
      </p>
    );
  const correct = async (pot: Pot, hiding: number) => {
    const after = { ...pot, hiding: Math.round(hiding * 100) / 100, hidingIsGuess: false };
    const label = `correct the hiding of ${pot.name}`;
    const of = crypto.randomUUID();
    const problem = await dispatch(doDeed({ kind: 'pots', label, of, before: pot, after }));
    notify(problem ? problem.message : `${pot.name} hides ${after.hiding.toFixed(2)} now.`);
  };
  return (
    <section aria-label="What can be learned" className="learn">
      <h2>What can be learned from it</h2>
      <p>One at a time: each is reckoned as if it alone were wrong.</p>
      <ul>
        {isFilm && (
          <li>
            <span>
              Your film is {film.value.toFixed(2)} times the usual: predictions come from ΔE00{' '}
              {film.before.toFixed(1)} to {film.after.toFixed(1)}, over {film.readings} readings.
            </span>
            <button
              type="button"
              className="outline-button"
              onClick={() =>
                void log.write((head) => [
                  {
                    kind: 'learned',
                    ...head,
                    what: 'film',
                    factor: film.value,
                    readings: film.readings,
                    before: film.before,
                    after: film.after,
                  },
                ])
              }
            >
              Use this film
            </button>
          </li>
        )}
        {fits.map(({ potId, fit }) => {
          const pot = pots.find(({ id }) => id === potId);
          if (!pot) return null;
          return (
            <li key={potId}>
              <span dir="auto">
                {pot.name} hides {fit.value.toFixed(2)} rather than {pot.hiding.toFixed(2)}:
                predictions come from ΔE00 {fit.before.toFixed(1)} to {fit.after.toFixed(1)}, over{' '}
                {fit.readings} readings.
              </span>
              <button
                type="button"
                className="outline-button"
                aria-label={`Correct the hiding of ${pot.name}`}
                onClick={() => void correct(pot, fit.value)}
              >
                Correct the pot
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
