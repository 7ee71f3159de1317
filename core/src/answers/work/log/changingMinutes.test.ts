import fc from 'fast-check';
import { WrittenLog } from '../../../testing/sampleLog';
import { changingMinutes, enoughChanges } from './changingMinutes';
import { learnFigures } from './learnFigures';

/** Models painted one by one, now with one line's paint and now with another's. */
function logOf(changing: number, pace: number, isChanged: readonly boolean[]) {
  const log = new WrittenLog();
  let step: 'base' | 'shade' = 'base';
  let before: string | null = null;
  isChanged.forEach((changes, i) => {
    if (changes) step = step === 'base' ? 'shade' : 'base';
    const { reckoned } = log.coat(10 * i, 'cloak', step, 1, [i + 1]);
    const minutes = pace * reckoned + (before === null || before === step ? 0 : changing);
    log.entries.splice(-1, 1);
    log.coat(10 * i, 'cloak', step, 1, [i + 1], { minutes });
    before = step;
  });
  return log.entries;
}

const alternately = (count: number) => Array.from({ length: count }, (_, i) => i % 3 === 0);

test('the minutes of a change are found again, whatever the pace', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 4, noNaN: true }),
      fc.double({ min: 0.3, max: 3, noNaN: true }),
      (changing, pace) => {
        const found = changingMinutes(logOf(changing, pace, alternately(3 * enoughChanges + 3)));
        expect(found?.minutes).toBeCloseTo(changing, 6);
      },
    ),
    { numRuns: 20 },
  );
});

test('too few changes tell nothing, and the plan counts as usual', () => {
  const few = logOf(1, 1, alternately(12));
  expect(changingMinutes(few)).toBeNull();
  expect(learnFigures(few).own).not.toHaveProperty('changing');
});

test('a change with mixing in between is not counted', () => {
  const entries = logOf(1, 1, alternately(3 * enoughChanges + 3));
  const [coat] = entries;
  const isCoat = (entry: (typeof entries)[number]) => entry.kind === 'coat';
  const mixed = entries.filter(isCoat).flatMap((entry) => [
    {
      kind: 'mixed' as const,
      id: `m${entry.id}`,
      benchId: coat.benchId,
      at: entry.at,
      order: entry.order,
      recipeId: entry.recipeId,
      stepId: entry.stepId,
      line: entry.line,
      brushed: entry.brushed,
      ml: 1,
      differs: [],
    },
    entry,
  ]);
  expect(changingMinutes(mixed)).toBeNull();
});
