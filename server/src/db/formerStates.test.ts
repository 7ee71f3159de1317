import { randomBytes } from 'node:crypto';
import type { Pot } from '@yellow-ledger/core';
import fc from 'fast-check';
import type { Knex } from 'knex';
import { samplePots } from '../demo/samplePots';
import { formerStates, type FormerStates } from './formerStates';
import { openLedger, type Ledger } from './ledger';
import { newDatabaseFile, openTestDatabase } from './testDatabase';

let db: Knex;
let ledger: Ledger;
let states: FormerStates;
beforeEach(async () => {
  const file = newDatabaseFile();
  db = await openTestDatabase(file);
  ledger = openLedger(db, file);
  states = formerStates(db, 'pots');
});
afterEach(() => db.destroy());

const start = Date.parse('2026-12-02T18:00:00.000Z');
const at = (seconds: number) => new Date(start + seconds * 1000).toISOString();

/** Writes the same record at moments, in seconds, and keeps what each write replaces. */
async function written(moments: readonly number[], content = (n: number) => `state ${n}`) {
  for (let n = 1; n < moments.length; n++)
    await db.transaction((within) =>
      states.keep(
        { id: 'p', revision: n, saved_at: at(moments[n - 1]), content: content(n) },
        at(moments[n]),
        within,
      ),
    );
  return (await states.moments('p')).map(({ revision }) => revision);
}

describe('earlier states', () => {
  test('a state that stood is kept, and read again as it was', async () => {
    expect(await written([0, 30, 3600])).toEqual([2, 1]);
    expect(await states.read('p', 1)).toEqual({
      id: 'p',
      revision: 1,
      saved_at: at(0),
      content: 'state 1',
    });
    expect(await states.read('p', 9)).toBeNull();
    expect(await states.read('q', 1)).toBeNull();
  });

  test('typing leaves one state a minute, and the one it began from', async () => {
    const typed = Array.from({ length: 300 }, (_, n) => n);
    const kept = await written([-600, ...typed]);
    expect(kept.at(-1)).toBe(1);
    expect(kept.length).toBe(5);
  });

  test('a moment is never further off than a minute of typing', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 2, maxLength: 40 }),
        fc.nat(),
        async (gaps, pick) => {
          await db('former_states').delete();
          const moments = gaps.reduce((all, gap) => [...all, (all.at(-1) ?? 0) + gap], [0]);
          await written(moments);
          const kept = await states.moments('p');
          // At any time before the last write there is a kept state that was written over within a minute of it.
          const asked = moments[pick % (moments.length - 1)];
          const last = moments.at(-1) ?? 0;
          const isNear = kept.some(({ until }) => {
            const off = (Date.parse(until) - start) / 1000 - asked;
            return off > 0 && off <= 100;
          });
          expect(isNear || last - asked < 60).toBe(true);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('at most 200 of them, the last ones', async () => {
    const kept = await written(Array.from({ length: 231 }, (_, n) => n * 60));
    expect(kept).toHaveLength(200);
    expect(kept[0]).toBe(230);
  });

  test('no more than 90 days', async () => {
    const day = 24 * 60 * 60;
    expect(await written([0, day, 2 * day, 91.5 * day, 92.5 * day])).toEqual([4, 3]);
  });

  test('no more than 8 MB, and always the last', async () => {
    const kept = await written([0, 60, 120, 180], () => randomBytes(3_000_000).toString('base64'));
    expect(kept).toEqual([3, 2]);
    const [{ bytes }] = (await db('former_states').sum({ bytes: db.raw('length(packed)') })) as {
      bytes: number;
    }[];
    expect(bytes).toBeLessThan(8_000_000);
    await db('former_states').delete();
    expect(await written([0, 60], () => randomBytes(9_000_000).toString('base64'))).toEqual([1]);
  });

  test('a clock set back loses none', async () => {
    expect(await written([600, 660, 0, 5])).toEqual([2, 1]);
    const [last] = await states.moments('p');
    expect(last.until).toBe(at(0));
  });
});

describe('records and their earlier states', () => {
  const pot: Pot = samplePots[0];

  test('what is written over or deleted is kept; what is only sent again is not', async () => {
    const { pots } = ledger.records;
    await pots.put(pot, 0);
    await pots.put({ ...pot, notes: 'opened' }, 1);
    await pots.put({ ...pot, notes: 'opened' }, 1);
    expect((await pots.moments(pot.id)).map(({ revision }) => revision)).toEqual([1]);
    expect((await pots.former(pot.id, 1))?.content).toEqual(pot);
    expect(await pots.former(pot.id, 2)).toBeNull();
  });

  test('a write that fails leaves no state', async () => {
    const { pots } = ledger.records;
    await pots.put(pot, 0);
    await expect(pots.put({ ...pot, notes: 'stale' }, 7)).rejects.toThrow();
    await expect(
      db.transaction(async (within) => {
        await pots.put({ ...pot, notes: 'never' }, 1, within);
        throw new Error('the rest failed');
      }),
    ).rejects.toThrow('the rest failed');
    expect(await pots.moments(pot.id)).toEqual([]);
  });

  test('kinds without a history keep none', async () => {
    const { palettes } = ledger.records;
    await palettes.put({ id: 'wet', name: 'Wet', keeping: 'open', wells: [] }, 0);
    await palettes.put({ id: 'wet', name: 'Dry', keeping: 'open', wells: [] }, 1);
    expect(await palettes.moments('wet')).toEqual([]);
    expect(await palettes.former('wet', 1)).toBeNull();
  });
});
