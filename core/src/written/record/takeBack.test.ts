import fc from 'fast-check';
import { differencesFrom, takenBack } from './takeBack';

const part = fc.record(
  { id: fc.constantFrom('a', 'b', 'c', 'd', 'e'), name: fc.constantFrom('hem', 'hood') },
  { requiredKeys: ['id', 'name'] },
);
const parts = fc.uniqueArray(part, { selector: ({ id }) => id, maxLength: 5 });
const unit = fc.record(
  {
    id: fc.constantFrom('u', 'v', 'w'),
    models: fc.integer({ min: 1, max: 3 }),
    tags: fc.array(fc.constantFrom('x', 'y'), { maxLength: 2 }),
    parts,
  },
  { requiredKeys: ['id', 'models', 'parts'] },
);
const record = fc.record(
  {
    id: fc.constant('r'),
    name: fc.constantFrom('Levy', 'Watch'),
    notes: fc.constantFrom('wet', 'dry'),
    plan: fc.record({ minutes: fc.integer({ min: 1, max: 3 }) }),
    units: fc.uniqueArray(unit, { selector: ({ id }) => id, maxLength: 3 }),
  },
  { requiredKeys: ['id', 'name', 'units'] },
);
const keysOf = (now: object, then: object) => differencesFrom(now, then).map(({ key }) => key);

describe('an earlier state of a record', () => {
  test('differs where it was changed, and in nothing else', () => {
    const now = { id: 'r', name: 'Watch', units: [{ id: 'u', models: 3, parts: [] }] };
    const then = {
      id: 'r',
      name: 'Levy',
      notes: 'wet',
      units: [{ id: 'u', models: 1, parts: [] }],
    };
    expect(differencesFrom(now, then)).toEqual([
      { key: 'name', at: ['name'], now: 'Watch', then: 'Levy', isOrder: false },
      { key: 'units/u/models', at: ['units', 'u', 'models'], now: 3, then: 1, isOrder: false },
      { key: 'notes', at: ['notes'], now: undefined, then: 'wet', isOrder: false },
    ]);
    expect(takenBack(now, then, new Set(['units/u/models']))).toEqual({
      ...now,
      units: [{ id: 'u', models: 1, parts: [] }],
    });
  });

  test('taken back whole is that state; with nothing chosen the record stays', () => {
    fc.assert(
      fc.property(record, record, (now, then) => {
        expect(takenBack(now, then, new Set(keysOf(now, then)))).toEqual(then);
        expect(takenBack(now, then, new Set())).toEqual(now);
      }),
      { numRuns: 500 },
    );
  });

  test('what is chosen is as it was, and the rest as it is', () => {
    fc.assert(
      fc.property(record, record, fc.infiniteStream(fc.boolean()), (now, then, flips) => {
        const all = keysOf(now, then);
        const chosen = new Set(all.filter(() => flips.next().value));
        const mixed = takenBack(now, then, chosen);
        const left = differencesFrom(mixed, then).filter(({ isOrder }) => !isOrder);
        for (const { key } of left) expect(chosen.has(key)).toBe(false);
        const done = differencesFrom(now, mixed).filter(({ isOrder }) => !isOrder);
        for (const { key } of done) expect(chosen.has(key)).toBe(true);
      }),
      { numRuns: 500 },
    );
  });

  test('things in another order are one difference, and each keeps what was changed in it', () => {
    const now = { units: [{ id: 'a', n: 9 }, { id: 'b' }, { id: 'c' }] };
    const then = { units: [{ id: 'c' }, { id: 'a', n: 1 }, { id: 'b' }] };
    expect(keysOf(now, then)).toEqual(['units/a/n', 'units/']);
    expect(takenBack(now, then, new Set(['units/']))).toEqual({
      units: [{ id: 'c' }, { id: 'a', n: 9 }, { id: 'b' }],
    });
  });
});
