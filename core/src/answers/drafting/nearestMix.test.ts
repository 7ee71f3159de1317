import fc from 'fast-check';
import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import { pigments } from '../../written/pot/pigments';
import { anyHex } from '../../testing/arbitraries';
import { potWith } from '../../testing/sampleRecipe';
import { nearestMix } from './nearestMix';
import { runs } from '../../testing/longTests';

const plain = pigments.map(({ name, ...of }) => potWith({ ...of, id: name, name }));

test('the colour of a pot is that pot alone', () => {
  expect.hasAssertions();
  for (const { id, swatch } of plain)
    expect(nearestMix(swatch, plain)?.parts).toEqual([{ from: 'pot', potId: id, parts: 1 }]);
});

test('a mix is never further off than the nearest pot, and as far off as it says', () => {
  fc.assert(
    fc.property(anyHex, (hex) => {
      const target = colourOfHex(hex);
      const found = nearestMix(hex, plain)!;
      const alone = plain.map(({ swatch }) => colourDifference(colourOfHex(swatch), target));
      expect(found.error).toBeLessThanOrEqual(Math.min(...alone) + 1e-6);
      const mixed = mixOptics(
        found.parts.map((part) => ({
          optics: opticsOf(plain.find(({ id }) => part.from === 'pot' && id === part.potId)!),
          parts: part.parts,
        })),
      );
      expect(colourDifference(surfaceColour(masstoneOf(mixed)), target)).toBeCloseTo(
        found.error,
        6,
      );
    }),
    { numRuns: runs(25) },
  );
});

test('a grey and a skin are mixed of three where two do not reach them', () => {
  for (const [hex, within] of [
    ['#7f878a', 6],
    ['#c98d6d', 8],
  ] as const) {
    const { parts, error } = nearestMix(hex, plain)!;
    expect(parts).toHaveLength(3);
    expect(error).toBeLessThan(within);
  }
});

test('without a pot there is none', () => {
  expect(nearestMix('#808080', [])).toBeNull();
});
