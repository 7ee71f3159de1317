import fc from 'fast-check';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { hueApart } from '../../light/colour/hueApart';
import { pigments } from '../../written/pot/pigments';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { anyHex } from '../../testing/arbitraries';
import { pots, potWith } from '../../testing/sampleRecipe';
import { lightPot, paintsAtHand, shadePot } from './choosePots';
import { lightenChoices, type LightenChoice } from './schools';

const shelf = shelfOf([
  ...Object.values(pots),
  potWith({ id: 'umber', swatch: '#4a3220' }),
  potWith({ id: 'soot', swatch: '#18181a' }),
  potWith({ id: 'paleYellow', swatch: '#f3dc86' }),
]);
const lightenings = Object.keys(lightenChoices) as LightenChoice[];
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

test('what is not there is stood in for by a darker neighbour, and it is said', () => {
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

const plain = shelfOf([
  ...pigments.map(({ name, ...of }) => potWith({ ...of, id: name, name })),
  ...Object.values(pots).filter(({ kind }) => kind === 'primer'),
]);

test('from plain pigments nothing is lightened with another strong hue', () => {
  fc.assert(
    fc.property(anyHex, fc.constantFrom(...lightenings), (hex, choice) => {
      const mid = colourOfHex(hex);
      const light = lightPot(mid, choice, plain);
      const colour = light && colourOfHex(light.pot.swatch);
      if (colour && colour.chroma > 36)
        expect(Math.abs(hueApart(colour.hue, mid.hue))).toBeLessThan(45);
    }),
  );
});

test.each([
  ['blue', '#2c5a94', 'Phthalo blue', 'Unbleached titanium'],
  ['red', '#a6322b', 'Burnt umber', 'Unbleached titanium'],
  ['bone', '#d3c49a', 'Yellow iron oxide', 'Titanium white'],
  ['grey', '#7f878a', 'Lamp black', 'Unbleached titanium'],
])('plain pigments shade and lighten %s as painters do', (_name, hex, dark, light) => {
  const mid = colourOfHex(hex);
  expect(shadePot(mid, 'darkerNeighbour', plain)?.pot.name).toBe(dark);
  expect(lightPot(mid, 'bone', plain)?.pot.name).toBe(light);
});

test('what hides badly is not what a highlight is built of, where another is at hand', () => {
  const two = shelfOf([
    potWith({ id: 'thin', swatch: '#fbfbf9', hiding: 0.2 }),
    potWith({ id: 'solid', swatch: '#f6f6f2', hiding: 0.7 }),
  ]);
  expect(lightPot(red, 'white', two)?.pot.id).toBe('solid');
});
