import fc from 'fast-check';
import type { CoatEntry, EntryOf, LogEntry } from '../entry';
import { lastTime, lineStories } from './lineTimes';

const start = Date.parse('2026-11-30T18:00:00.000Z');
const at = (order: number) => new Date(start + order * 60_000).toISOString();
const where = (models: number[], unitId = 'watch') => ({
  armyId: 'levy',
  unitId,
  surfaceId: 'cloak',
  models,
});

const coat = (order: number, models: number[], part: Partial<CoatEntry> = {}): CoatEntry => ({
  kind: 'coat',
  id: `c${order}`,
  benchId: 'evening',
  at: at(order),
  order,
  where: where(models),
  recipeId: 'oilskin',
  recipeName: 'Oilskin',
  groundPotId: 'primer',
  version: null,
  stepId: 'glow',
  line: 3,
  stage: 'glaze',
  technique: 'placedGlaze',
  placement: { from: 0, to: 1, softness: 0.2, pull: 'even' },
  coat: 1,
  brushed: { pots: [{ potId: 'ochre', share: 1 }], waterParts: 2, mediumParts: 0 },
  differs: [],
  minutes: 4,
  reckoned: 4,
  dryMinutes: 10,
  areaCm2: 10,
  used: [],
  ...part,
});
const mishap = (order: number, models: number[]): EntryOf<'mishap'> => ({
  kind: 'mishap',
  id: `m${order}`,
  benchId: 'evening',
  at: at(order),
  order,
  where: where(models),
  recipeId: 'oilskin',
  version: null,
  stepId: 'glow',
  line: 3,
  what: 'too bright',
  place: { from: 0, to: 1 },
  mend: { kind: 'filter', sentence: 'One glaze.', errorBefore: 9, errorAfter: 2, minutes: 5 },
});
const strike = (order: number, of: string): LogEntry => ({
  kind: 'strike',
  id: `s${order}`,
  benchId: 'evening',
  at: at(order),
  order,
  of,
});
const glow = { recipeId: 'oilskin', stepId: 'glow' };
const on = (...models: number[]) => ({
  holderId: 'levy',
  unitId: 'watch',
  surfaceId: 'cloak',
  models,
});

describe('how a line went the last time', () => {
  const past = [
    coat(1, [1, 2], { minutes: 6 }),
    coat(2, [1, 2], { minutes: 4, differs: ['more thinner'] }),
    mishap(3, [2]),
    coat(4, [2], { minutes: 3, note: 'knocked back' }),
  ];

  test('counts its coats, minutes and mishaps on that model alone', () => {
    expect(lastTime(past, glow, on(3))).toMatchObject({
      on: { model: 2 },
      coats: 3,
      minutes: 8,
      differs: ['more thinner'],
      mishaps: [{ what: 'too bright' }],
      notes: ['knocked back'],
      from: at(1),
      to: at(4),
    });
    expect(lastTime(past, glow, on(2, 3))).toMatchObject({
      on: { model: 1 },
      coats: 2,
      mishaps: [],
    });
  });

  test('is nothing where the line was never painted on another', () => {
    expect(lastTime(past, glow, on(1, 2))).toBeNull();
    expect(lastTime(past, { ...glow, stepId: 'other' }, on(3))).toBeNull();
    expect(lastTime([], glow, on(3))).toBeNull();
  });

  test('leaves out what is struck, and minutes that are not all known', () => {
    expect(lastTime([...past, strike(5, 'c4')], glow, on(3))).toMatchObject({
      on: { model: 1 },
      coats: 2,
    });
    expect(lastTime([...past, coat(6, [2], { minutes: null })], glow, on(3))).toMatchObject({
      coats: 4,
      minutes: null,
    });
  });

  test('a model of another unit with the same number is another', () => {
    const other = coat(9, [3], { where: where([3], 'crew') });
    expect(lastTime([...past, other], glow, on(3))).toMatchObject({ on: { unitId: 'crew' } });
  });
});

describe('the story of a model', () => {
  const model = { holderId: 'levy', unitId: 'watch', model: 5 };

  test('tells each line beside the time before, which is of no model painted with it', () => {
    const entries = [
      coat(1, [1]),
      mishap(2, [1]),
      coat(3, [4, 5], { stepId: 'base', line: 1 }),
      coat(4, [4, 5]),
      coat(5, [6]),
      coat(6, [5], { line: 0, stepId: 'extra' }),
    ];
    const stories = lineStories(entries, model);
    expect(stories.map(({ line, before }) => [line, before?.on.model ?? null])).toEqual([
      [1, null],
      [3, 1],
    ]);
    expect(stories[1]).toMatchObject({
      here: { coats: 1, minutes: 2, mishaps: [] },
      before: { mishaps: [{ what: 'too bright' }] },
    });
  });

  test('has every coat of a line on the model once, whatever the order they came in', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            models: fc.uniqueArray(fc.integer({ min: 1, max: 4 }), { minLength: 1 }),
            step: fc.constantFrom('base', 'glow'),
            isStruck: fc.boolean(),
          }),
          { maxLength: 25 },
        ),
        (presses) => {
          const entries = presses.flatMap(({ models, step, isStruck }, n): LogEntry[] => [
            coat(n, models, { stepId: step, line: step === 'base' ? 1 : 3 }),
            ...(isStruck ? [strike(100 + n, `c${n}`)] : []),
          ]);
          const own = presses.filter(({ models, isStruck }) => models.includes(2) && !isStruck);
          const stories = lineStories([...entries].reverse(), { ...model, model: 2 });
          expect(stories.reduce((sum, { here }) => sum + here.coats, 0)).toBe(own.length);
          for (const { here, before } of stories) {
            if (!before) continue;
            expect(before.on.model).not.toBe(2);
            expect(before.from < here.from).toBe(true);
          }
        },
      ),
    );
  });
});
