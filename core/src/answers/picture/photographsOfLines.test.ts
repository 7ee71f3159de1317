import fc from 'fast-check';
import type { Photograph } from './photograph';
import { photographAfter, photographsOfLines, type PaintedLine } from './photographsOfLines';

const on = { holderId: 'army', unitId: 'unit', model: 3 };
const clock = (minute: number) => new Date(Date.UTC(2026, 10, 20, 18, minute)).toISOString();
const line = (from: number, to: number): PaintedLine => ({ on, from: clock(from), to: clock(to) });
const photograph = (minute: number, of: Partial<typeof on> = {}): Photograph => ({
  id: `p${minute}`,
  of: { kind: 'model', ...on, ...of },
  shows: 'in progress',
  addedAt: clock(minute),
  picture: { hash: 'a'.repeat(64), type: 'image/jpeg', width: 4, height: 3 },
});

test('a photograph stands with the line begun last before it, whatever the order of the lines', () => {
  const minute = fc.integer({ min: 0, max: 200 });
  fc.assert(
    fc.property(
      fc.uniqueArray(minute, { maxLength: 6 }),
      fc.uniqueArray(minute),
      (begun, taken) => {
        const lines = begun.map((each) => line(each, each + 5));
        const found = photographsOfLines(
          lines,
          taken.map((each) => photograph(each)),
        );
        const told = [...found].flatMap(([index, all]) => all.map(({ id }) => `${id} ${index}`));
        const expected = taken.flatMap((each) => {
          const before = begun.filter((from) => from <= each);
          return before.length > 0 ? [`p${each} ${begun.indexOf(Math.max(...before))}`] : [];
        });
        expect(told.sort()).toEqual(expected.sort());
      },
    ),
  );
});

test('a photograph of another model stands with none', () => {
  expect(photographsOfLines([line(0, 5)], [photograph(9, { model: 4 })]).size).toBe(0);
});

test('of the last time the first picture once it was on is shown, and only of that evening', () => {
  const all = [photograph(30), photograph(12), photograph(4), photograph(11, { unitId: 'other' })];
  expect(photographAfter(line(0, 10), all)?.id).toBe('p12');
  expect(photographAfter(line(0, 10), [photograph(10 + 13 * 60)])).toBeUndefined();
});
