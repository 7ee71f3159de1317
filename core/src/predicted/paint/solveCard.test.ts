import fc from 'fast-check';
import { colourDifference } from '../../light/colour/colourDifference';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { flatSpectrum } from '../../light/colour/spectrum';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import { opticsOfPot } from './opticsOfPot';
import { CardError, solveCard } from './solveCard';
import { runs } from '../../testing/longTests';

const black = flatSpectrum(0.04);
const white = flatSpectrum(0.9);
/** Colours a card can be read for: none so dark that nothing comes back. */
const channel = fc.integer({ min: 30, max: 240 });
const anyReadableHex = fc
  .tuple(channel, channel, channel)
  .map((rgb) => `#${rgb.map((figure) => figure.toString(16).padStart(2, '0')).join('')}`);
const readable = fc.double({ min: 0.1, max: 0.9, noNaN: true });

const readingsOf = (swatch: string, hiding: number) => {
  const paint = opticsOfPot(swatch, hiding);
  return {
    paint,
    black,
    white,
    overBlack: filmOver(black, paint, 1),
    overWhite: filmOver(white, paint, 1),
  };
};

test('K/S and S of any pot are found to 1 % from readings without noise', () => {
  fc.assert(
    fc.property(anyReadableHex, readable, (swatch, hiding) => {
      const { paint, ...readings } = readingsOf(swatch, hiding);
      const { optics } = solveCard(readings);
      for (let band = 0; band < 38; band++) {
        const was = paint.absorption[band] / paint.scattering[band];
        const is = optics.absorption[band] / optics.scattering[band];
        // Where both halves read the same to a millionth there is nothing left to solve from.
        if (readings.overWhite[band] - readings.overBlack[band] < 1e-6) continue;
        expect(Math.abs(is - was)).toBeLessThanOrEqual(0.01 * was + 1e-6);
        expect(optics.scattering[band]).toBeCloseTo(paint.scattering[band], 2);
      }
    }),
    { numRuns: runs(60) },
  );
});

test('played forward the solution gives the readings back', () => {
  fc.assert(
    fc.property(anyReadableHex, readable, (swatch, hiding) => {
      const { paint, ...readings } = readingsOf(swatch, hiding);
      const solved = solveCard(readings);
      expect(solved.playedForward).toBeLessThan(0.05);
      expect(solved.hiding).toBeCloseTo(hiding, 2);
      const was = surfaceColour(masstoneOf(paint));
      const is = surfaceColour(masstoneOf(solved.optics));
      expect(colourDifference(was, is)).toBeLessThan(0.5);
    }),
    { numRuns: runs(60) },
  );
});

test('from swatches as they are typed in, the masstone of a paint that hides is within 3 ΔE00', () => {
  for (const swatch of ['#9a6428', '#2c6b3a', '#ddd0a8', '#7a8a30', '#8c979b'])
    for (const hiding of [0.6, 0.8]) {
      const { paint, ...exact } = readingsOf(swatch, hiding);
      const typed = (spectrum: Float64Array) => reflectanceFromHex(surfaceColour(spectrum).hex);
      const { optics } = solveCard({
        black: typed(exact.black),
        white: typed(exact.white),
        overBlack: typed(exact.overBlack),
        overWhite: typed(exact.overWhite),
      });
      const apart = colourDifference(
        surfaceColour(masstoneOf(optics)),
        surfaceColour(masstoneOf(paint)),
      );
      expect(apart).toBeLessThan(3);
    }
});

test('a card whose white is darker than its black is refused, and so are swapped coats', () => {
  const { overBlack, overWhite } = readingsOf('#e8b51c', 0.3);
  expect(() => solveCard({ black: white, white: black, overBlack, overWhite })).toThrow(CardError);
  expect(() => solveCard({ black, white: black, overBlack, overWhite })).toThrow('much lighter');
  expect(() => solveCard({ black, white, overBlack: overWhite, overWhite: overBlack })).toThrow(
    'perhaps the two were swapped',
  );
});

test('a coat that hides outright, and one that is not there, break nothing', () => {
  const brown = reflectanceFromHex('#9a6428');
  const solid = solveCard({ black, white, overBlack: brown, overWhite: brown });
  expect(solid.hiding).toBeGreaterThan(0.99);
  const clear = solveCard({ black, white, overBlack: black, overWhite: white });
  expect(clear.hiding).toBeLessThan(0.06);
  for (const { optics } of [solid, clear])
    expect([...optics.absorption, ...optics.scattering].every(Number.isFinite)).toBe(true);
});
