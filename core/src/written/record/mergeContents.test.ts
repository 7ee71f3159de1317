import fc from 'fast-check';
import { mergeContents } from './mergeContents';

interface Kept {
  name: string;
  notes?: string;
  units: { id: string; models: number; tags: string[] }[];
}
const unit = (id: string, models = 1, tags: string[] = []) => ({ id, models, tags });
const base: Kept = { name: 'Levy', units: [unit('a'), unit('b')] };

const anyRecord = fc.record(
  {
    name: fc.constantFrom('Levy', 'Watch', 'Crew'),
    notes: fc.constantFrom('wet', 'dry'),
    units: fc.uniqueArray(
      fc.record({
        id: fc.constantFrom('a', 'b', 'c', 'd'),
        models: fc.integer({ min: 1, max: 3 }),
        tags: fc.array(fc.constantFrom('x', 'y'), { maxLength: 2 }),
      }),
      { selector: ({ id }) => id, maxLength: 4 },
    ),
  },
  { requiredKeys: ['name', 'units'] },
);

describe('a record changed on two sides', () => {
  test('keeps both changes where they are of different things', () => {
    const mine = { ...base, name: 'Winter Levy', units: [unit('a', 5), unit('b')] };
    const theirs = { ...base, notes: 'late', units: [unit('a'), unit('b', 9), unit('c')] };
    expect(mergeContents(base, mine, theirs)).toEqual({
      merged: {
        name: 'Winter Levy',
        notes: 'late',
        units: [unit('a', 5), unit('b', 9), unit('c')],
      },
      withMine: {
        name: 'Winter Levy',
        notes: 'late',
        units: [unit('a', 5), unit('b', 9), unit('c')],
      },
      isContested: false,
    });
  });

  test('has theirs, and mine put by, where both changed one thing', () => {
    const { merged, withMine, isContested } = mergeContents(
      base,
      { ...base, name: 'Mine', units: [unit('a', 5), unit('b')] },
      { ...base, name: 'Theirs' },
    );
    expect(isContested).toBe(true);
    expect(merged).toMatchObject({ name: 'Theirs', units: [{ models: 5 }, {}] });
    expect(withMine).toMatchObject({ name: 'Mine', units: [{ models: 5 }, {}] });
  });

  test('keeps what one took out and the other changed, and loses what one took out alone', () => {
    const without = { ...base, units: [unit('b')] };
    const changed = { ...base, units: [unit('a', 7), unit('b')] };
    for (const [mine, theirs] of [
      [without, changed],
      [changed, without],
    ]) {
      const { merged, isContested } = mergeContents(base, mine, theirs);
      expect(merged.units).toContainEqual(unit('a', 7));
      expect(isContested).toBe(true);
    }
    expect(mergeContents(base, without, base).merged.units).toEqual([unit('b')]);
  });

  test('a list of things without identity is one thing', () => {
    const mine = { ...base, units: [unit('a', 1, ['x']), unit('b')] };
    const theirs = { ...base, units: [unit('a', 1, ['y']), unit('b')] };
    const { merged, withMine, isContested } = mergeContents(base, mine, theirs);
    expect(isContested).toBe(true);
    expect(merged.units[0].tags).toEqual(['y']);
    expect(withMine.units[0].tags).toEqual(['x']);
  });

  test('with nothing changed on one side is the other side, uncontested', () => {
    fc.assert(
      fc.property(anyRecord, anyRecord, (was, is) => {
        expect(mergeContents(was, is, was)).toEqual({
          merged: is,
          withMine: is,
          isContested: false,
        });
        expect(mergeContents(was, was, is).merged).toEqual(is);
        expect(mergeContents(was, is, is)).toMatchObject({ merged: is, isContested: false });
      }),
    );
  });

  test('loses no unit that either side added, nor any field either changed alone', () => {
    fc.assert(
      fc.property(anyRecord, anyRecord, anyRecord, (was, mine, theirs) => {
        const { merged } = mergeContents(was, mine, theirs);
        const ids = merged.units.map(({ id }) => id);
        const had = was.units.map(({ id }) => id);
        for (const { id } of [...mine.units, ...theirs.units])
          if (!had.includes(id)) expect(ids).toContain(id);
        if (theirs.name === was.name) expect(merged.name).toBe(mine.name);
        if (mine.name === was.name) expect(merged.name).toBe(theirs.name);
        expect(new Set(ids).size).toBe(ids.length);
      }),
    );
  });

  test('with nothing before, both are of the same beginning', () => {
    const { merged, isContested } = mergeContents(null, base, { ...base, notes: 'theirs' });
    expect(isContested).toBe(false);
    expect(merged).toEqual({ ...base, notes: 'theirs' });
  });
});
