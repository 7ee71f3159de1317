import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { potWith } from '../../testing/sampleRecipe';
import { knownColour } from './knownColour';
import { mixedPaint, shelfOf } from './mixedPaint';

const shelf = shelfOf([
  potWith({
    id: 'wash',
    swatch: '#b39270',
    hiding: 0.05,
    kind: 'wash',
    swatchShows: 'one coat over white',
  }),
  potWith({
    id: 'ink',
    swatch: '#f59a12',
    hiding: 0.05,
    kind: 'ink',
    swatchShows: 'one coat over white',
  }),
  potWith({ id: 'umber', swatch: '#5b4128', hiding: 0.86 }),
  potWith({ id: 'medium', swatch: '#f4f4f0', hiding: 0, kind: 'medium' }),
]);
const known = (...ids: string[]) => {
  const shares = ids.map((potId) => ({ potId, share: 1 / ids.length }));
  return knownColour(shares, mixedPaint(shares, shelf), shelf);
};
const apart = (colour: ReturnType<typeof known>, hex: string) =>
  colourDifference(colour, colourOfHex(hex));

test('a wash is its swatch, and not the black it is when thick', () => {
  expect(apart(known('wash'), '#b39270')).toBeLessThan(2.5);
});

test('a paint is its swatch', () => {
  expect(apart(known('umber'), '#5b4128')).toBeLessThan(1);
});

test('a wash in a paint is taken as the paint it makes', () => {
  expect(known('wash', 'umber').value).toBeLessThan(45);
});

test('two thin ones lie between them, medium makes them paler', () => {
  const both = known('wash', 'ink');
  expect(both.chroma).toBeGreaterThan(known('wash').chroma);
  expect(both.chroma).toBeLessThan(known('ink').chroma);
  expect(known('wash', 'medium').value).toBeGreaterThan(known('wash').value);
});
