import fc from 'fast-check';
import { flatSpectrum } from '../../light/colour/spectrum';
import { opticsOfPot } from '../paint/opticsOfPot';
import { mixOf, pots, potWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { coatsToCover } from '../paint/coatsToCover';
import { compareGrounds, suggestUnderColour, underColourLoad } from './compareGrounds';
import { coverageByPlace } from './coverageByPlace';
import { groundOf, shelfOf } from '../paint/mixedPaint';
import { ribbonStops, toneStops } from '../../written/place/toneAxis';
import { runs } from '../../testing/longTests';

const yellow = opticsOfPot(pots.yellow.swatch, pots.yellow.hiding);
const black = groundOf(pots.black);
const overBlack = ribbonStops.map(() => black);

test('coat one of a yellow over black is patchy, and each coat after it less so', () => {
  const step = stepWith({ id: 'y', mix: mixOf({ yellow: 1 }), coats: 3 });
  const [pit] = coverageByPlace(step, yellow, overBlack, ribbonStops);
  expect(pit.after).toHaveLength(pit.coats ?? 12);
  const values = pit.after.map(({ value }) => value);
  expect([...values].sort((one, other) => one - other)).toEqual(values);
  expect(pit.isCovered).toBe(false);
  expect(pit.missing).toBeGreaterThan(4);
});

test('the places of a layer are those it is meant to cover', () => {
  const step = stepWith({
    id: 'l',
    technique: 'layer',
    mix: mixOf({ brown: 1 }),
    placement: { from: 0.6, to: 1, softness: 0.1, pull: 'even' },
  });
  const brown = opticsOfPot(pots.brown.swatch, pots.brown.hiding);
  const places = coverageByPlace(step, brown, overBlack, ribbonStops).map(({ place }) => place);
  expect(places).toEqual(['raised', 'crown', 'edge', 'point']);
});

test('what tints has no coverage, and what is clear has none', () => {
  const filter = stepWith({ id: 'f', technique: 'filter', mix: mixOf({ yellow: 1 }) });
  expect(coverageByPlace(filter, yellow, overBlack, ribbonStops)).toEqual([]);
  const clear = { absorption: flatSpectrum(0), scattering: flatSpectrum(0) };
  expect(coverageByPlace(stepWith({ id: 'c' }), clear, overBlack, ribbonStops)).toEqual([]);
});

test('an almost empty brush is said not to cover, and breaks nothing', () => {
  const thin = stepWith({
    id: 't',
    mix: mixOf({ yellow: 1 }, { waterParts: 30, mediumParts: 30 }),
  });
  const all = coverageByPlace(thin, yellow, overBlack, ribbonStops);
  expect(all).toHaveLength(toneStops.length);
  expect(all.every(({ coats }) => coats === null)).toBe(true);
});

test('over the primers on the shelf a yellow needs the fewest coats over white', () => {
  const primers = shelfOf([
    potWith({ id: 'black', kind: 'primer', swatch: '#1a1a1c' }),
    potWith({ id: 'white', kind: 'primer', swatch: '#f0f0ee' }),
    potWith({ id: 'brown', kind: 'primer', swatch: '#5a3c22' }),
    potWith({ id: 'gone', kind: 'primer', swatch: '#ffffff', retired: true }),
  ]);
  const rows = compareGrounds(yellow, primers, 1, 2);
  expect(rows.map(({ potId }) => potId)).toEqual(['white', 'brown', 'black']);
  expect(rows[0].coats).toBeLessThan(rows[2].coats ?? Infinity);
});

test('a shelf without primers gives an empty comparison', () => {
  expect(compareGrounds(yellow, shelfOf([pots.yellow]), 1, 1)).toEqual([]);
});

test('the under-colour suggested saves coats, its own counted in', () => {
  const direct = coatsToCover(yellow, black, 1).coats ?? Infinity;
  const found = suggestUnderColour(yellow, black, shelf, 1, 2);
  expect(found).not.toBeNull();
  expect(found!.underCoats + (found!.coats ?? Infinity)).toBeLessThan(direct);
  const under = shelf.get(found!.potId)!;
  expect(coatsToCover(opticsOfPot(under.swatch, under.hiding), black, underColourLoad).coats).toBe(
    found!.underCoats,
  );
});

test('nothing is suggested under what covers in a coat, nor from an empty shelf', () => {
  const solid = opticsOfPot('#7a4a2a', 0.98);
  expect(suggestUnderColour(solid, black, shelf, 1, 1)).toBeNull();
  expect(suggestUnderColour(yellow, black, shelfOf([]), 1, 1)).toBeNull();
});

test('more hiding never needs more coats', () => {
  const hiding = fc.double({ min: 0.05, max: 0.9, noNaN: true });
  fc.assert(
    fc.property(hiding, hiding, (one, other) => {
      const [thin, firm] = [one, other].sort((a, b) => a - b);
      const coats = (h: number) => coatsToCover(opticsOfPot('#c08030', h), black, 1).coats ?? 99;
      expect(coats(firm)).toBeLessThanOrEqual(coats(thin));
    }),
    { numRuns: runs(30) },
  );
});
