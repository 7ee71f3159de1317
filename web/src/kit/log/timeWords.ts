import type { LineTime } from '@yellow-ledger/core';
import { coatsWords } from '../words/coatsWords';
import { minutesInWords } from '../words/minutesInWords';
import { mendedWords } from './mendedWords';

/**
 * How a line went on a model, as somebody would tell it.
 *
 * @example timeWords(time) // → '3 passes, 4 min; too bright, toned with one glaze; more thinner'
 */
export function timeWords({
  technique,
  coats,
  minutes,
  differs,
  mishaps,
  notes,
}: LineTime): string {
  return [
    coatsWords(coats, technique) +
      (minutes === null ? '' : minutes < 0.5 ? ', under a minute' : `, ${minutesInWords(minutes)}`),
    ...mishaps.map(({ what, mend }) => `${what}, ${mendedWords(mend)}`),
    ...differs,
    ...notes.map((note) => `“${note}”`),
  ].join('; ');
}

/** Whether it is worth knowing before the line is painted again; fewer coats may only mean it is not finished. */
export const isWorthTelling = (time: LineTime, coatsWanted: number): boolean =>
  time.mishaps.length > 0 ||
  time.differs.length > 0 ||
  time.notes.length > 0 ||
  time.coats > coatsWanted;
