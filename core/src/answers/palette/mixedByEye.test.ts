import fc from 'fast-check';
import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixedPaint } from '../../predicted/paint/mixedPaint';
import { pots, shelf } from '../../testing/sampleRecipe';
import type { AddedDrops } from './bringBack';
import { amountsOfDrops } from './dropByDrop';
import { mixedByEye } from './mixedByEye';
import { paintMl, sharesIn } from './puddle';

const colourOf = (puddle: AddedDrops) => {
  const shares = sharesIn(amountsOfDrops(puddle, shelf)).filter(({ share }) => share > 0);
  return surfaceColour(masstoneOf(mixedPaint(shares, shelf)));
};
const drops = (...each: [string, number][]): AddedDrops => ({
  pots: each.map(([potId, count]) => ({ potId, drops: count })),
  water: 2,
  medium: 0,
});
const anyMix = fc
  .uniqueArray(fc.constantFrom('yellow', 'brown', 'white', 'bone', 'violet', 'blue', 'red'), {
    minLength: 1,
    maxLength: 4,
  })
  .chain((ids) =>
    fc.tuple(
      ...ids.map((potId) =>
        fc.record({
          potId: fc.constant(potId),
          counted: fc.integer({ min: 0, max: 6 }),
          really: fc.double({ min: 0.25, max: 8, noNaN: true }),
        }),
      ),
    ),
  );

test('whatever the drops were, what it names has the colour that was seen', () => {
  fc.assert(
    fc.property(anyMix, (mix) => {
      const seen = colourOf(
        drops(...mix.map(({ potId, really }) => [potId, really] as [string, number])),
      );
      const counted = drops(
        ...mix.map(({ potId, counted }) => [potId, counted] as [string, number]),
      );
      const found = mixedByEye(seen, counted, shelf);
      expect(colourDifference(colourOf(found?.drops ?? counted), seen)).toBeLessThan(1.6);
      expect(found?.lacks).toBeNull();
    }),
    { numRuns: 60 },
  );
});

test('a puddle that is as counted stays as counted, thinner too', () => {
  const counted = drops(['yellow', 3], ['brown', 1]);
  const found = mixedByEye(colourOf(counted), counted, shelf);
  expect(found?.error).toBeLessThan(0.1);
  expect(found?.drops).toEqual(counted);
});

test('as much paint as before, and thinner as before', () => {
  const counted = drops(['blue', 2], ['white', 2]);
  const found = mixedByEye(colourOf(drops(['blue', 1], ['white', 5])), counted, shelf);
  if (!found) throw new Error('nothing found');
  const [blue, white] = found.drops.pots;
  expect(white.drops / blue.drops).toBeGreaterThan(4);
  const much = paintMl(amountsOfDrops(counted, shelf));
  const then = paintMl(amountsOfDrops(found.drops, shelf));
  expect(Math.abs(then / much - 1)).toBeLessThan(0.06);
  expect(found.drops.water).toBe(2);
});

test('a pot that went in and is not counted is named', () => {
  const seen = colourOf(drops(['red', 3], ['blue', 2]));
  const found = mixedByEye(seen, drops(['red', 3]), shelf);
  expect(found?.error).toBeGreaterThan(5);
  expect(['blue', 'violet']).toContain(found?.lacks?.potId);
});

test('a puddle without a pot of a colour has no mix', () => {
  const clear = drops([pots.medium.id, 2]);
  expect(mixedByEye(colourOfHex('#884422'), clear, shelf)).toBeNull();
});
