import fc from 'fast-check';
import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { usualDropMl } from '../../written/pot/stock';
import { flattenMix } from '../../written/recipe/flattenMix';
import { loadOf } from '../../written/mix/mix';
import { mixedPaint, shelfOf } from '../../predicted/paint/mixedPaint';
import { pots, shelf } from '../../testing/sampleRecipe';
import { bringBack } from './bringBack';
import { countDrops, makeAgain, mixOfWell, mixWanted } from './makeAgain';
import {
  loadOfAmounts,
  moreOf,
  paintMl,
  pour,
  putIn,
  sharesIn,
  takeSome,
  volumeMlOf,
  wantedOf,
  WellError,
  type Amounts,
} from './puddle';
import { staysUsableMinutes } from './staysUsable';
import { wellSchema, type Well } from './well';
import { runs } from '../../testing/longTests';

const early = '2026-03-01T18:00:00.000Z';
const late = '2026-03-01T19:00:00.000Z';
const wellOf = (drops: Record<string, number>, water = 0, id = 'well'): Well => ({
  id,
  name: 'Well 1',
  pots: Object.entries(drops).map(([potId, count]) => ({ potId, ml: count * usualDropMl })),
  waterMl: water * usualDropMl,
  mediumMl: 0,
  freshAt: early,
});
const mlOf = ({ pots: inIt }: Amounts, potId: string) =>
  inIt.find((pot) => pot.potId === potId)?.ml ?? 0;

const potIds = ['yellow', 'brown', 'white', 'red', 'blue'];
const anyWell = fc
  .tuple(
    fc.dictionary(fc.constantFrom(...potIds), fc.integer({ min: 1, max: 20 }), { minKeys: 1 }),
    fc.integer({ min: 0, max: 30 }),
  )
  .map(([drops, water]) => wellOf(drops, water));

describe('what goes in and out', () => {
  test('pouring loses nothing and makes nothing', () => {
    fc.assert(
      fc.property(anyWell, anyWell, fc.double({ min: 0, max: 1, noNaN: true }), (a, b, share) => {
        const { from, into } = pour(a, b, volumeMlOf(a) * share);
        for (const potId of potIds)
          expect(mlOf(from, potId) + mlOf(into, potId)).toBeCloseTo(
            mlOf(a, potId) + mlOf(b, potId),
            5,
          );
        expect(from.waterMl + into.waterMl).toBeCloseTo(a.waterMl + b.waterMl, 9);
      }),
    );
  });

  test('using some changes neither the shares nor the load, and topping up undoes it', () => {
    fc.assert(
      fc.property(anyWell, fc.double({ min: 0.01, max: 0.9, noNaN: true }), (well, share) => {
        const volume = volumeMlOf(well);
        const left = takeSome(well, volume * share);
        expect(volumeMlOf(left)).toBeCloseTo(volume * (1 - share), 5);
        expect(loadOfAmounts(left)).toBeCloseTo(loadOfAmounts(well), 5);
        const again = putIn(left, moreOf(left, volume * share), late);
        for (const potId of potIds) expect(mlOf(again, potId)).toBeCloseTo(mlOf(well, potId), 4);
      }),
    );
  });

  test('the shares of a well that was topped up five times are what is really in it', () => {
    let well = wellOf({ yellow: 8, brown: 4 });
    for (let round = 0; round < 5; round++) {
      well = takeSome(well, volumeMlOf(well) / 2);
      well = putIn(well, wellOf({ yellow: 3 }), late);
    }
    // By hand: 0.4 ml yellow and 0.2 ml brown, halved and 0.15 ml of yellow added, five times over.
    const brown = 0.2 / 32;
    const yellow = 0.4 / 32 + 0.15 * (1 + 1 / 2 + 1 / 4 + 1 / 8 + 1 / 16);
    expect(sharesIn(well)[0].share).toBeCloseTo(yellow / (yellow + brown), 6);
    expect(Date.parse(well.freshAt)).toBeGreaterThan(Date.parse(early) + 0.9 * 3_600_000);
  });

  test('pouring takes the age along: old paint makes a fresh well older', () => {
    const fresh = { ...wellOf({ white: 4 }), freshAt: late };
    const { from, into } = pour(wellOf({ red: 4 }), fresh, 0.2);
    expect(volumeMlOf(from)).toBe(0);
    expect(Date.parse(into.freshAt)).toBe((Date.parse(early) + Date.parse(late)) / 2);
    expect(() => pour(wellOf({ red: 4 }), fresh, 0.3)).toThrow('holds 0.20 ml, not 0.30');
  });

  test('less than nothing neither comes out nor goes in', () => {
    const well = wellOf({ yellow: 6 }, 0);
    for (const ml of [-1, -1e-9, NaN]) {
      expect(() => takeSome(well, ml)).toThrow(/no amount to take/);
      expect(() => moreOf(well, ml)).toThrow(/no amount to top up/);
    }
  });

  test('a well does not run over, and no more comes out than is in it', () => {
    const well = wellOf({ red: 10 });
    expect(() => putIn(well, wellOf({ red: 595 }), late)).toThrow('a well takes up to 30 ml');
    expect(() => takeSome(well, 0.51)).toThrow(WellError);
    expect(() => moreOf(wellOf({}), 1)).toThrow('nothing to top up');
    expect(volumeMlOf(takeSome(well, 0.5))).toBe(0);
    expect(wellSchema.safeParse(takeSome(well, 0.5)).success).toBe(true);
  });
});

describe('bringing a well back', () => {
  const colour = (amounts: Amounts) =>
    surfaceColour(masstoneOf(mixedPaint(sharesIn(amounts), shelf)));
  const withAdded = (well: Well, added: Record<string, number>, water: number): Amounts =>
    putIn(well, wellOf(added, water), late);

  test('no fewer drops would do, by trying them all', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 6 }),
        fc.integer({ min: 0, max: 6 }),
        fc.integer({ min: 1, max: 8 }),
        (yellow, brown, water) => {
          const well = wellOf({ yellow: yellow + 1, brown: brown + 1 }, water);
          const wanted = wantedOf(wellOf({ yellow: 3, brown: 1 }, 4));
          const found = wanted && bringBack(well, wanted, shelf);
          if (!wanted || !found) throw new Error('there is paint in both');
          expect(found.isWithin).toBe(true);
          expect(found.medium).toBe(0);
          const target = colour(wellOf({ yellow: 3, brown: 1 }));
          for (let y = 0; y <= found.drops; y++)
            for (let b = 0; y + b < found.drops; b++)
              for (let w = 0; y + b + w < found.drops; w++) {
                const so = withAdded(well, { yellow: y, brown: b }, w);
                const isWithin =
                  colourDifference(colour(so), target) <= 1 &&
                  Math.abs(loadOfAmounts(so) - 0.5) <= 0.05;
                expect(isWithin).toBe(false);
              }
        },
      ),
      { numRuns: runs(25) },
    );
  });

  test('the drops it names, put in, land where it says', () => {
    fc.assert(
      fc.property(anyWell, anyWell, (well, meant) => {
        const wanted = wantedOf(meant);
        const found = wanted && bringBack(well, wanted, shelf);
        if (!wanted || !found) throw new Error('there is paint in both');
        const drops = Object.fromEntries(found.pots.map(({ potId, drops: n }) => [potId, n]));
        const so = withAdded(well, drops, found.water);
        expect(colourDifference(colour(so), colour(meant))).toBeCloseTo(found.error, 2);
        expect(loadOfAmounts(so)).toBeCloseTo(found.load, 5);
        expect(found.isWithin).toBe(
          found.error <= 1 && Math.abs(found.load - wanted.load) <= 0.1 * wanted.load + 1e-9,
        );
      }),
      { numRuns: runs(40) },
    );
  });

  test('a pot of which nothing is wanted is no fault, and none of any is nothing to bring back', () => {
    const well = wellOf({ yellow: 6, brown: 2 }, 8);
    const wanted = wantedOf(well)!;
    const none = wanted.pots.map((pot) => ({ ...pot, share: 0 }));
    expect(bringBack(well, { ...wanted, pots: none }, shelf)).toBeNull();
    const one = [...wanted.pots, { potId: 'white', share: 0 }];
    expect(bringBack(well, { ...wanted, pots: one }, shelf)).toMatchObject({ drops: 0 });
  });

  test('nothing is added to a well that is as it was meant to be', () => {
    const well = wellOf({ yellow: 6, brown: 2 }, 8);
    const wanted = wantedOf(well);
    expect(wanted && bringBack(well, wanted, shelf)).toMatchObject({ drops: 0, isWithin: true });
  });

  test('a stray pot is drowned in the wanted ones, or said to be out of reach', () => {
    const wanted = wantedOf(wellOf({ white: 4 }));
    if (!wanted) throw new Error('there is paint in it');
    const little = bringBack(wellOf({ white: 6, blue: 1 }), wanted, shelf, { error: 6 });
    expect(little?.isWithin).toBe(true);
    expect(little?.pots[0].drops).toBeGreaterThan(5);
    const much = bringBack(wellOf({ blue: 200 }), wanted, shelf);
    expect(much?.isWithin).toBe(false);
    expect(much?.error).toBeGreaterThan(1);
  });

  test('a glaze thinned with medium gets its medium back, not water', () => {
    const glaze = { ...wellOf({ red: 4 }, 4), mediumMl: 12 * usualDropMl };
    const wanted = wantedOf(glaze);
    if (!wanted) throw new Error('there is paint in it');
    expect(wanted.mediumShare).toBeCloseTo(0.75, 9);
    const tired = putIn(glaze, wellOf({ red: 4 }), late);
    const back = bringBack(tired, wanted, shelf, { load: 0.02 });
    expect(back?.isWithin).toBe(true);
    const thinner = (back?.water ?? 0) + (back?.medium ?? 0);
    expect(thinner).toBeGreaterThan(10);
    expect((back?.medium ?? 0) / thinner).toBeCloseTo(0.75, 1);
    expect(mixWanted(wanted, shelf, 1)).toMatchObject({ water: 4, medium: 12 });
  });

  test('an empty well cannot be brought back', () => {
    const wanted = wantedOf(wellOf({ red: 1 }));
    expect(wanted && bringBack(wellOf({}), wanted, shelf)).toBeNull();
    expect(wantedOf(wellOf({}, 5))).toBeNull();
  });
});

describe('making it again', () => {
  test('whole drops give the colour and the load of the well', () => {
    fc.assert(
      fc.property(anyWell, (well) => {
        const drops = makeAgain(well, shelf, 2);
        if (!drops) throw new Error('there is paint in it');
        expect(drops.isWithin).toBe(true);
        const counted = drops.pots.reduce((sum, pot) => sum + pot.drops, 0);
        const water = counted * Math.min(30, well.waterMl / paintMl(well));
        expect(Math.abs(drops.water - water)).toBeLessThanOrEqual(0.5 + 1e-9);
      }),
      { numRuns: runs(40) },
    );
  });

  test('a wanted mix from nothing has its proportions, its load and its volume', () => {
    const wanted = wantedOf(wellOf({ yellow: 3, brown: 1 }, 4));
    const drops = wanted && mixWanted(wanted, shelf, 0.4);
    expect(drops).toMatchObject({
      pots: [
        { potId: 'yellow', drops: 3 },
        { potId: 'brown', drops: 1 },
      ],
      water: 4,
    });
    expect(drops && countDrops(drops)).toBe(8);
  });

  test('a stain on the brush is no part of the mix', () => {
    const stained = wellOf({ yellow: 300, blue: 1 });
    const again = makeAgain(stained, shelf, 0.5);
    expect(again?.pots.map(({ potId }) => potId)).toEqual(['yellow']);
    expect(sharesIn(stained)).toHaveLength(2);
  });

  test('as a mix of a recipe it has few whole parts and its thinning', () => {
    const mix = mixOfWell(wellOf({ yellow: 9, brown: 3 }, 12), shelf);
    expect(mix).toEqual({
      parts: [
        { from: 'pot', potId: 'yellow', parts: 3 },
        { from: 'pot', potId: 'brown', parts: 1 },
      ],
      waterParts: 1,
      mediumParts: 0,
    });
    expect(mix && loadOf(mix)).toBe(0.5);
    expect(mix && flattenMix(mix, [])).toHaveLength(2);
    expect(mixOfWell(wellOf({}, 3), shelf)).toBeNull();
  });
});

describe('how long it stays usable', () => {
  const minutes = (well: Amounts, keeping: 'open' | 'damp' | 'covered' = 'open', on = shelf) =>
    staysUsableMinutes(well, on, keeping);

  test('longer over a damp sheet, longest under a lid, shortest in a warm room', () => {
    const well = wellOf({ red: 6 }, 3);
    expect(minutes(well)).toBeGreaterThan(20);
    expect(minutes(well)).toBeLessThan(240);
    expect(minutes(well, 'damp')).toBeGreaterThan(4 * minutes(well));
    expect(minutes(well, 'covered')).toBeGreaterThan(minutes(well, 'damp'));
    expect(staysUsableMinutes(well, shelf, 'open', 'warm and dry')).toBeLessThan(minutes(well));
  });

  test('thinner keeps it open longer, and so does a pot that dries slowly', () => {
    expect(minutes(wellOf({ red: 6 }, 6))).toBeGreaterThan(minutes(wellOf({ red: 6 })));
    const slow = shelfOf([{ ...pots.red, driesAs: 'slow' }]);
    expect(minutes(wellOf({ red: 6 }), 'open', slow)).toBeGreaterThan(minutes(wellOf({ red: 6 })));
    expect(minutes({ ...wellOf({ red: 6 }), mediumMl: 0.3 })).toBeGreaterThan(
      minutes(wellOf({ red: 6 })),
    );
  });

  test('an empty well has no time left', () => {
    expect(minutes(wellOf({}))).toBe(0);
  });
});
