import type { Pot } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useWriter } from '../../../data/useWriter';
import { useNotice } from '../../../kit/shell/notices';
import type { Readings } from './readingWork';
import type { ReadingLog } from './useReadingLog';

/** A gain smaller than this is chance, ΔE00. */
const worthwhile = 0.3;

/** The correction the readings suggest, and how much nearer the predictions come by it. */
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
  const writer = useWriter();
  const notify = useNotice();
  const isFilm = film !== null && film.before - film.after > worthwhile;
  if (!isFilm && fits.length === 0)
    return (
      <p className="quiet">
        The predictions lie ΔE00 {film?.before.toFixed(1)} from the readings; no correction of a pot
        or of your film would bring them noticeably nearer.
      </p>
    );
  const correct = ({ id, name }: Pot, read: number) => {
    const hiding = Math.round(read * 100) / 100;
    writer.change('pots', id, `correct the coverage of ${name}`, (now) => ({
      ...now,
      hiding,
      hidingIsGuess: false,
    }));
    notify(`${name} hides ${hiding.toFixed(2)} now.`);
  };
  return (
    <section aria-label="What can be learned" className="learn">
      <h2>What can be learned from it</h2>
      <p>One at a time: each as if it alone were wrong.</p>
      <ul className="ruled">
        {isFilm && (
          <li className="across">
            <span>
              Your film is {film.value.toFixed(2)} times the usual: predictions come from ΔE00{' '}
              {film.before.toFixed(1)} to {film.after.toFixed(1)}, over {film.readings} readings.
            </span>
            <Button
              variant="outline"
              onClick={() =>
                log.write('use this film', [
                  (head) => ({
                    kind: 'learned',
                    ...head,
                    what: 'film',
                    factor: film.value,
                    readings: film.readings,
                    before: film.before,
                    after: film.after,
                  }),
                ])
              }
            >
              Use this film
            </Button>
          </li>
        )}
        {fits.map(({ potId, fit }) => {
          const pot = pots.find(({ id }) => id === potId);
          if (!pot) return null;
          return (
            <li className="across" key={potId}>
              <span dir="auto">
                {pot.name} hides {fit.value.toFixed(2)} rather than {pot.hiding.toFixed(2)}:
                predictions come from ΔE00 {fit.before.toFixed(1)} to {fit.after.toFixed(1)}, over{' '}
                {fit.readings} readings.
              </span>
              <Button
                variant="outline"
                aria-label={`Correct the coverage of ${pot.name}`}
                onClick={() => correct(pot, fit.value)}
              >
                Correct the pot
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
