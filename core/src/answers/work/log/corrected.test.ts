import { watch, WrittenLog } from '../../../testing/sampleLog';
import { corrected } from './corrected';
import type { LogEntry } from './entry';
import { onFigures, surfaceKey } from './onFigure/onFigure';
import { standing } from './standing';

const coatsOn = (entries: readonly LogEntry[], model: number) =>
  [
    ...(onFigures(entries)
      .get(surfaceKey(watch.id, 'cloak', model))
      ?.coats.values() ?? []),
  ].flat();

test('a correction beside a strike puts the coat on other models, at its own place in the log', () => {
  const log = new WrittenLog();
  const wrong = log.coat(0, 'cloak', 'base', 1, [1, 2]);
  log.coat(30, 'cloak', 'shade', 1, [3]);
  const right = corrected(wrong, { models: [3], minutes: 20 }, 'right');
  const strike: LogEntry = {
    kind: 'strike',
    ...log.head(60),
    benchId: wrong.benchId,
    of: wrong.id,
  };
  const entries = [...log.entries, strike, right];
  expect(coatsOn(entries, 1)).toEqual([]);
  expect(coatsOn(entries, 3).map(({ id }) => id)).toEqual(['right', 'e1']);
  expect(standing(entries).map(({ id }) => id)).toEqual(['right', 'e1']);
  expect(right).toMatchObject({ minutes: 20, reckoned: wrong.reckoned / 2, order: wrong.order });
  expect(right.used.map(({ ml }) => ml)).toEqual(wrong.used.map(({ ml }) => ml / 2));
});
