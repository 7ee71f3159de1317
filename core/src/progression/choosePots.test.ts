import fc from 'fast-check';
import { colourOfHex } from '../colour/colourOfHex';
import { shelfOf } from '../recipe/mixedPaint';
import { anyHex } from '../testing/arbitraries';
import { pots, potWith } from '../testing/sampleRecipe';
import { lightPot, paintsAtHand, shadePot } from './choosePots';

const shelf = shelfOf([
  ...Object.values(pots),
  potWith({ id: 'umber', swatch: '#4a3220' }),
  potWith({ id: 'soot', swatch: '#18181a' }),
  potWith({ id: 'paleYellow', swatch: '#f3dc86' }),
]);
const yellow = colourOfHex(pots.yellow.swatch);
const red = colourOfHex(pots.red.swatch);

test.each([
  ['warmBrown', 'umber'],
  ['oppositeHue', 'violet'],
  ['black', 'soot'],
  ['wash', 'wash'],
] as const)('a yellow shaded with %s is shaded with %s', (choice, potId) => {
  expect(shadePot(yellow, choice, shelf)).toMatchObject({ pot: { id: potId }, isAsAsked: true });
});

test.each([
  ['white', 'white'],
  ['bone', 'bone'],
  ['lighterNeighbour', 'paleYellow'],
] as const)('a yellow lightened with %s is lightened with %s', (choice, potId) => {
  expect(lightPot(yellow, choice, shelf)).toMatchObject({ pot: { id: potId }, isAsAsked: true });
});

test('what is not there is stood in for by what is nearest in hue, and it is said', () => {
  const plain = shelfOf([pots.red, pots.blue, potWith({ id: 'rust', swatch: '#5c1616' })]);
  expect(shadePot(red, 'black', plain)).toMatchObject({ pot: { id: 'rust' }, isAsAsked: false });
});

test('nothing darker gives no shade, nothing lighter no light', () => {
  const only = shelfOf([pots.white]);
  expect(shadePot(colourOfHex('#101010'), 'warmBrown', only)).toBeNull();
  expect(lightPot(colourOfHex('#ffffff'), 'bone', only)).toBeNull();
});

test('a shade is darker and a light is lighter than any mid tone', () => {
  fc.assert(
    fc.property(anyHex, (hex) => {
      const mid = colourOfHex(hex);
      const dark = shadePot(mid, 'darkerNeighbour', shelf);
      const light = lightPot(mid, 'lighterNeighbour', shelf);
      if (dark) expect(colourOfHex(dark.pot.swatch).value).toBeLessThan(mid.value);
      if (light) expect(colourOfHex(light.pot.swatch).value).toBeGreaterThan(mid.value);
    }),
  );
});

test('empty, retired and metallic pots are not drafted with', () => {
  const ids = paintsAtHand(
    shelfOf([
      potWith({ id: 'full' }),
      potWith({ id: 'unknown', volumeMl: null }),
      potWith({ id: 'empty', volumeMl: 0 }),
      potWith({ id: 'retired', retired: true }),
      potWith({ id: 'metal', finish: 'metallic' }),
      potWith({ id: 'medium', kind: 'medium' }),
    ]),
  ).map(({ id }) => id);
  expect(ids).toEqual(['full', 'unknown']);
});
