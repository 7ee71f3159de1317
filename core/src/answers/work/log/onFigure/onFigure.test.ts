import { bench, cloak, evening, recipeOf, levy, WrittenLog } from '../../../../testing/sampleLog';
import { benchTasks } from '../../bench/benchTasks';
import type { LogEntry } from '../entry';
import { driesForMs, onFigures, surfaceKey, untouched } from './onFigure';

const minute = 60_000;
const onCloak = (log: WrittenLog) =>
  onFigures(log.entries).get(surfaceKey('watch', 'cloak', 1)) ?? untouched();

/** Somebody felt a coat to be dry after so many minutes. */
function feltDry(log: WrittenLog, stepId: string, at: number, minutes: number): void {
  const { where, recipeId, version } = log.coat(at, 'cloak', stepId, 1, [1]);
  const line = cloak.steps.findIndex(({ id }) => id === stepId) + 1;
  const entry: LogEntry = {
    kind: 'dry',
    ...log.head(at + minutes),
    benchId: bench.id,
    ...{ where, recipeId, version, stepId, line, coat: 1, minutes, reckoned: 20 },
  };
  log.entries.push(entry);
}

describe('how long a surface dries', () => {
  test('the whole time from the coat on, and then no more', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    const left = (at: number) => driesForMs(onCloak(log), evening + at * minute) / minute;
    expect([0, 5, 19, 20, 500].map(left)).toEqual([20, 15, 1, 0, 0]);
    expect(driesForMs(untouched(), evening)).toBe(0);
  });

  test('what was felt to be dry holds nobody up, and a coat after it dries as usual', () => {
    const log = new WrittenLog();
    feltDry(log, 'base', 0, 8);
    expect(driesForMs(onCloak(log), evening + 9 * minute)).toBe(0);
    log.coat(10, 'cloak', 'base', 2, [1]);
    expect(driesForMs(onCloak(log), evening + 12 * minute)).toBe(18 * minute);
  });

  test('what was felt of an earlier line says nothing of a later one', () => {
    const log = new WrittenLog();
    feltDry(log, 'base', 0, 8);
    const felt = log.entries.pop();
    log.coat(9, 'cloak', 'shade', 1, [1]);
    if (felt) log.entries.push({ ...felt, ...log.head(10), id: 'late' });
    expect(driesForMs(onCloak(log), evening + 10 * minute)).toBe(29 * minute);
  });

  test('struck out, a coat no longer dries and is there to be painted again', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    log.strike(1, 'e0');
    const { drying, tasks } = benchTasks(levy, bench, recipeOf, log.entries, evening + 2 * minute);
    expect(drying).toEqual([]);
    expect(tasks.find(({ stepId }) => stepId === 'base')).toMatchObject({
      coat: 1,
      models: [1, 2, 3],
    });
  });
});
