import fc from 'fast-check';
import { colourDifference } from '../../../light/colour';
import { predictBuildUp } from '../../../predicted/buildUp/predictBuildUp';
import { bench, watch, WrittenLog } from '../../../testing/sampleLog';
import { mixOf, recipeWith, shelf, stepWith } from '../../../testing/sampleRecipe';
import { placementsOf } from '../../../written/place/shrinking';
import type { Recipe } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import { paintedCoat } from '../bench/paintedCoat';
import { asDone } from './asDone';
import { brushedOf, mixOfBrushed } from './mixed/asMixed';
import { isInWrittenOrder } from './inPaintedOrder';
import { onFigures, surfaceKey, untouched } from './onFigure/onFigure';

const soft = { softness: 0.1, pull: 'even' } as const;
const painted = recipeWith(
  [
    stepWith({ id: 'base', mix: mixOf({ brown: 3, bone: 1 }), coats: 2 }),
    stepWith({ id: 'shade', technique: 'allOverWash', mix: mixOf({ wash: 1 }), dryMinutes: 30 }),
    stepWith({
      id: 'light',
      technique: 'layer',
      coats: 3,
      mix: {
        ...mixOf({ bone: 1 }),
        parts: [
          { from: 'step', stepId: 'base', parts: 1 },
          { from: 'pot', potId: 'bone', parts: 1 },
        ],
      },
      placement: { from: 0.4, to: 1, ...soft, last: { from: 0.8, to: 1 } },
    }),
  ],
  { id: 'cloak', name: 'Reed cloak' },
);
const [surface] = watch.surfaces;
const place = { bench, unit: watch, surface, recipe: painted, version: null, models: [1] };

/** A log of coats by the place of their lines, in this order, each with another paint or as written. */
function logOf(coats: readonly { line: number; isOther: boolean }[]): WrittenLog {
  const log = new WrittenLog();
  const counts = painted.steps.map(() => 0);
  for (const { line, isOther } of coats) {
    const step = painted.steps[line];
    counts[line] += 1;
    const entry = paintedCoat(place, step, counts[line], log.head(log.entries.length), null, []);
    const brushed = { pots: [{ potId: 'blue', share: 1 }], waterParts: 1, mediumParts: 0 };
    log.entries.push({ ...entry, ...(isOther && { brushed, differs: ['improvised mix'] }) });
  }
  return log;
}

/** The same coats one after the other, a line for each: nothing is put together. */
function plainReplay(coats: readonly { line: number; isOther: boolean }[]): Recipe {
  const counts = painted.steps.map(() => 0);
  const steps = coats.map(({ line, isOther }, i): Step => {
    const { last: _last, ...step } = { last: 0, ...painted.steps[line] };
    const all = placementsOf(step.placement, step.coats);
    const placement = all[Math.min(all.length - 1, counts[line]++)];
    const brushed = brushedOf(painted.steps[line], painted.steps.slice(0, line));
    const mix = isOther
      ? { ...mixOf({ blue: 1 }), waterParts: 1, mediumParts: 0 }
      : mixOfBrushed(brushed);
    return { ...step, id: `coat-${i}`, coats: 1, placement, mix };
  });
  return { ...painted, steps };
}

const finished = (recipe: Recipe) => predictBuildUp(recipe, shelf).steps.at(-1)?.surface ?? [];
const onModel = (log: WrittenLog) =>
  onFigures(log.entries).get(surfaceKey('watch', 'cloak', 1)) ?? untouched();
const apart = (one: Recipe, other: Recipe) =>
  Math.max(...finished(one).map((colour, i) => colourDifference(colour, finished(other)[i])));

test('a coat of the first line put on at the end lies on top', () => {
  const coats = [0, 0, 1, 2, 2, 2, 0].map((line) => ({ line, isOther: false }));
  const done = asDone(painted, onModel(logOf(coats)), 'left out');
  expect(done.steps.map(({ id, coats: many }) => [id, many])).toEqual([
    ['e0', 2],
    ['shade', 1],
    ['light', 3],
    ['base', 1],
  ]);
});

test('what lies there is the log replayed coat by coat, whatever the order and the paint', () => {
  const coat = fc.record({ line: fc.integer({ min: 0, max: 2 }), isOther: fc.boolean() });
  fc.assert(
    fc.property(fc.array(coat, { minLength: 1, maxLength: 9 }), (coats) => {
      const done = asDone(painted, onModel(logOf(coats)), 'left out');
      expect(apart(done, plainReplay(coats))).toBeLessThan(0.5);
    }),
  );
});

/** The same with what is to come, line after line as written, with the paint that was used last. */
function plainToCome(coats: readonly { line: number; isOther: boolean }[]) {
  const toCome = painted.steps.flatMap((step, line) => {
    const on = coats.filter((coat) => coat.line === line);
    const left = Math.max(0, step.coats - on.length);
    return Array.from({ length: left }, () => ({ line, isOther: on.at(-1)?.isOther ?? false }));
  });
  return [...coats, ...toCome];
}

test('what it is to become has the coats that are there below those to come', () => {
  const coat = fc.record({ line: fc.integer({ min: 0, max: 2 }), isOther: fc.boolean() });
  fc.assert(
    fc.property(fc.array(coat, { minLength: 1, maxLength: 7 }), (coats) => {
      const on = onModel(logOf(coats));
      fc.pre(!isInWrittenOrder(painted, on));
      const whole = asDone(painted, on, 'as written');
      expect(new Set(whole.steps.map(({ id }) => id)).size).toBe(whole.steps.length);
      expect(apart(whole, plainReplay(plainToCome(coats)))).toBeLessThan(0.5);
    }),
  );
});

test('a line that carries the mix of another keeps its words while that line stands before it', () => {
  const coats = [0, 0, 2, 2, 2, 1].map((line) => ({ line, isOther: false }));
  const done = asDone(painted, onModel(logOf(coats)), 'left out');
  expect(done.steps.map(({ id }) => id)).toEqual(['base', 'light', 'shade']);
  expect(done.steps[1].mix).toEqual(painted.steps[2].mix);
});
