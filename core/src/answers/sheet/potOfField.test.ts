import { convertRgbToLrgb, parseHex } from 'culori/fn';
import fc from 'fast-check';
import { flatSpectrum } from '../../light/colour/spectrum';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { opticsOfPot } from '../../predicted/paint/opticsOfPot';
import { apartOf, potOfStroke } from './potOfField';
import type { Light } from './readBox';
import { barePaper, printedBlack } from './sheetLayout';
import { runs } from '../../testing/longTests';

const channel = fc.integer({ min: 45, max: 225 });
const anyHex = fc
  .tuple(channel, channel, channel)
  .map((rgb) => `#${rgb.map((figure) => figure.toString(16).padStart(2, '0')).join('')}`);

function strokeOf(swatch: string, hiding: number): [Light, Light] {
  const optics = opticsOfPot(swatch, hiding);
  const over = (ground: number): Light => {
    const { hex } = surfaceColour(filmOver(flatSpectrum(ground), optics, 1));
    const { r, g, b } = convertRgbToLrgb(parseHex(hex) ?? { r: 0, g: 0, b: 0 });
    return [r, g, b];
  };
  return [over(printedBlack), over(barePaper)];
}

test('a pot that hides is found again from its stroke, if the light is right', () => {
  fc.assert(
    fc.property(anyHex, fc.double({ min: 0.6, max: 0.9, noNaN: true }), (swatch, hiding) => {
      const read = potOfStroke(...strokeOf(swatch, hiding));
      const { colour, hiding: apart } = apartOf(read, { ...read, swatch, hiding });
      expect(apart).toBeLessThan(0.03);
      if (read.swatchShows === 'thick and dry') expect(colour).toBeLessThan(3);
    }),
    { numRuns: runs(40) },
  );
});

test('what hardly hides is given as one coat over white, not as it would be thick', () => {
  const read = potOfStroke(...strokeOf('#8a5a2a', 0.2));
  expect(read.swatchShows).toBe('one coat over white');
  expect(read.hiding).toBeCloseTo(0.2, 1);
});

test('whatever light comes in, a pot comes out', () => {
  const light = fc.tuple(
    ...([0, 1, 2].map(() => fc.double({ min: -0.2, max: 1.4, noNaN: true })) as [
      fc.Arbitrary<number>,
      fc.Arbitrary<number>,
      fc.Arbitrary<number>,
    ]),
  );
  fc.assert(
    fc.property(light, light, (black, white) => {
      const { hiding, swatch } = potOfStroke(black, white);
      expect(hiding).toBeGreaterThanOrEqual(0);
      expect(hiding).toBeLessThanOrEqual(1);
      expect(swatch).toMatch(/^#[0-9a-f]{6}$/);
    }),
    { numRuns: runs(40) },
  );
});
