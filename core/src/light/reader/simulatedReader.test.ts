import fc from 'fast-check';
import { colourDifference } from '../colour/colourDifference';
import { colourOfHex } from '../colour/colourOfHex';
import { flatSpectrum } from '../colour/spectrum';
import { surfaceColour } from '../colour/surfaceColour';
import { furthestApart } from '../../testing/arbitraries';
import { averageReadings } from './averageReadings';
import { practiceCard } from '../../predicted/paint/practiceCard';
import { simulatedReader, usualFaults } from './simulatedReader';
import { solveCard } from '../../predicted/paint/solveCard';
import { runs } from '../../testing/longTests';

const grey = { reflectance: flatSpectrum(0.4), isTouching: true };
const faultless = { ...usualFaults, noise: 0, lampDrift: 0 };

test('without noise or drift it reads what is there', async () => {
  const reader = simulatedReader(1, faultless);
  await reader.calibrate();
  expect(furthestApart(await reader.read(grey), grey.reflectance)).toBeLessThan(1e-12);
});

test('it will not read before it has seen its tile, held off, or after its lamp has drifted', async () => {
  const reader = simulatedReader(1);
  await expect(reader.read(grey)).rejects.toThrow('white tile');
  await reader.calibrate();
  await expect(reader.read({ ...grey, isTouching: false })).rejects.toMatchObject({
    code: 'not-touching',
  });
  for (let n = 0; n < usualFaults.readingsPerCalibration; n++) await reader.read(grey);
  await expect(reader.read(grey)).rejects.toMatchObject({ code: 'not-calibrated' });
  await reader.calibrate();
  await expect(reader.read(grey)).resolves.toHaveLength(38);
});

test('a drifting lamp makes things darker until it sees its tile again', async () => {
  const reader = simulatedReader(1, { noise: 0, lampDrift: 0.01, readingsPerCalibration: 50 });
  await reader.calibrate();
  const first = await reader.read(grey);
  for (let n = 0; n < 10; n++) await reader.read(grey);
  const later = await reader.read(grey);
  expect(later[20]).toBeLessThan(first[20] - 0.03);
  await reader.calibrate();
  expect((await reader.read(grey))[20]).toBeCloseTo(first[20], 6);
});

test('averaging tames the noise, and says how steady the readings were', async () => {
  const reader = simulatedReader(3, { noise: 0.01, lampDrift: 0, readingsPerCalibration: 999 });
  const tiles = [];
  for (let n = 0; n < 64; n++) {
    await reader.calibrate();
    tiles.push(await reader.read(grey));
  }
  const off = (spectrum: Float64Array) => furthestApart(spectrum, grey.reflectance);
  const { reflectance, spread } = averageReadings(tiles);
  expect(off(reflectance)).toBeLessThan(Math.max(...tiles.map(off)) / 3);
  expect(spread).toBeGreaterThan(0.1);
  expect(averageReadings([grey.reflectance, grey.reflectance]).spread).toBe(0);
  expect(() => averageReadings([])).toThrow(RangeError);
});

/** A card as it would be read: the tile first, then five readings of each place. */
async function readCard(readings: ReturnType<typeof practiceCard>['readings'], seed: number) {
  const reader = simulatedReader(seed);
  await reader.calibrate();
  const places = { ...readings };
  for (const place of Object.keys(readings) as (keyof typeof readings)[]) {
    const all = [];
    for (let n = 0; n < 5; n++)
      all.push(await reader.read({ reflectance: readings[place], isTouching: true }));
    places[place] = averageReadings(all).reflectance;
  }
  return solveCard(places);
}

test('with the reader’s noise and drift the masstone of a pot comes within 2 ΔE00', async () => {
  const channel = fc.integer({ min: 30, max: 240 });
  await fc.assert(
    fc.asyncProperty(
      fc.tuple(channel, channel, channel),
      fc.double({ min: 0.1, max: 0.9, noNaN: true }),
      fc.integer({ min: 1, max: 1e6 }),
      async (rgb, hiding, seed) => {
        const hex = `#${rgb.map((figure) => figure.toString(16).padStart(2, '0')).join('')}`;
        const card = practiceCard(hex, hiding, seed);
        const solved = await readCard(card.readings, seed);
        const apart = colourDifference(colourOfHex(solved.swatch), colourOfHex(card.swatch));
        expect(apart).toBeLessThan(2);
        expect(Math.abs(solved.hiding - card.hiding)).toBeLessThan(0.03);
      },
    ),
    { numRuns: runs(200) },
  );
});

test('a practice card is the same for the same seed, and not quite what the label says', () => {
  const card = practiceCard('#d99a1f', 0.42, 7);
  expect(practiceCard('#d99a1f', 0.42, 7)).toEqual(card);
  expect(card.swatch).not.toBe('#d99a1f');
  const apart = colourDifference(colourOfHex(card.swatch), colourOfHex('#d99a1f'));
  expect(apart).toBeLessThan(12);
  expect(surfaceColour(card.readings.overWhite).value).toBeGreaterThan(
    surfaceColour(card.readings.overBlack).value,
  );
});
