import { watch, WrittenLog } from '../../../../testing/sampleLog';
import { corrected, correctionId, firstIdOf } from './corrected';
import type { LogEntry } from '../entry';
import { onFigures, surfaceKey } from '../onFigure/onFigure';
import { standing } from '../standing';

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

test('of another mix, as much wet paint was used, of its own pots', () => {
  const log = new WrittenLog();
  const wrong = log.coat(0, 'cloak', 'base', 1, [1, 2]);
  const brushed = {
    pots: [
      { potId: 'white', share: 0.75 },
      { potId: 'black', share: 0.25 },
    ],
    waterParts: wrong.brushed.waterParts,
    mediumParts: wrong.brushed.mediumParts,
  };
  const mix = { brushed, differs: ['improvised mix' as const] };
  const right = corrected(wrong, { models: [1, 2], minutes: null, mix }, 'right');
  const total = wrong.used.reduce((sum, { ml }) => sum + ml, 0);
  expect(right).toMatchObject(mix);
  expect(right.used).toEqual([
    { potId: 'white', ml: expect.closeTo(total * 0.75, 9) },
    { potId: 'black', ml: expect.closeTo(total * 0.25, 9) },
  ]);
});

test('two who correct the same entry come to one identifier, and a later correction to another', () => {
  const known = [{ id: 'e1' }, { id: 'e2' }];
  expect(correctionId('e1', known)).toBe('e1-c1');
  expect(correctionId('e1-c1', [...known, { id: 'e1-c1' }])).toBe('e1-c2');
  expect(correctionId('e1', [...known, { id: 'e1-c1' }])).toBe('e1-c2');
  expect(firstIdOf('e1-c2')).toBe('e1');
  expect(firstIdOf('e1')).toBe('e1');
});
