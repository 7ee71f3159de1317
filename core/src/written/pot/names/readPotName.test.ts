import { colourOfHex } from '../../../light/colour/colourOfHex';
import { blindNames } from '../../../testing/names/blindNames';
import { isAccepted, scoreNames } from '../../../testing/names/scoreNames';
import { guessedByName } from '../guessedByName';
import { colourPhrases } from './colourPhrases';
import { readPotName } from './readPotName';

test('of names written before there was a reader, as many are understood as are asked for', () => {
  const { kind, finish, colour, leftOut, invented } = scoreNames(blindNames);
  const share = (wrong: readonly string[]) => wrong.length / blindNames.length;
  expect(share(kind)).toBeLessThanOrEqual(0.05);
  expect(share(finish)).toBeLessThanOrEqual(0.1);
  expect(share(colour)).toBeLessThanOrEqual(0.15);
  expect(share(leftOut)).toBeLessThanOrEqual(0.03);
  expect(invented).toEqual([]);
});

test('two words for colours never have one swatch', () => {
  const bySwatch = new Map<string, Set<string>>();
  for (const { word, role } of colourPhrases.values()) {
    if (role === 'beside' || role === 'leaning') continue;
    const { swatch } = guessedByName(word);
    bySwatch.set(swatch, (bySwatch.get(swatch) ?? new Set()).add(word));
  }
  expect([...bySwatch.values()].filter(({ size }) => size > 1).map((all) => [...all])).toEqual([]);
});

test.each([
  ['Dragon’s green', 'green'],
  ['hellblau', 'light blue'],
  ['rouge', 'red'],
  ['linen (for bone)', 'linen'],
  ['greenish grey', 'green grey'],
])('%s tells %s', (name, word) => {
  expect(readPotName(name).colour?.word).toBe(word);
});

test.each(['Kobold’s tea', 'Bluebeard', '17', 'ml', '()', 'Storm', 'the 2nd one', '’s'])(
  '%s tells no colour',
  (name) => {
    expect(readPotName(name).colour).toBeNull();
  },
);

test('medium before a colour is no medium, and clear before one lets light through', () => {
  expect(readPotName('medium grey').kind).toBe('paint');
  expect(readPotName('matt medium')).toMatchObject({ kind: 'medium', finish: 'matt' });
  expect(readPotName('clear orange').kind).toBe('ink');
  expect(readPotName('gloss clear').kind).toBe('varnish');
});

test('a metal is the last word for a colour, and before a hue it only leans it', () => {
  expect(readPotName('blue steel').finish).toBe('metallic');
  expect(readPotName('steel grey').finish).toBe('matt');
  expect(readPotName('bronze blue').finish).toBe('matt');
});

test('dark is darker, light lighter, dusty duller, and warm nearer to yellow', () => {
  const colour = (name: string) => colourOfHex(guessedByName(name).swatch);
  for (const word of ['blue', 'moss', 'brick', 'flesh', 'grey']) {
    expect(colour(`dark ${word}`).value).toBeLessThan(colour(word).value - 8);
    expect(colour(`lt. ${word}`).value).toBeGreaterThan(colour(word).value + 8);
    expect(colour(`warm ${word}`).b).toBeGreaterThan(colour(word).b);
  }
  expect(colour('dusty rose').chroma).toBeLessThan(colour('rose').chroma * 0.8);
});

test('ranges of hues go round', () => {
  const range = { value: [0, 100], chroma: [0, 200], hue: [340, 20] } as const;
  expect(isAccepted('#d04060', range)).toBe(true);
  expect(isAccepted('#40d060', range)).toBe(false);
});
