import { convertLrgbToRgb, convertRgbToLrgb, formatHex, parseHex } from 'culori/fn';
import { colourDifference } from './colourDifference';
import { colourOfHex } from './colourOfHex';
import { correctedForLight, lightProblem } from './correctedForLight';

/** The colour of a surface as a camera takes it under a lamp, plainly by channels. */
function taken(hex: string, lamp: readonly number[]): string {
  const { r, g, b } = convertRgbToLrgb(parseHex(hex) ?? { r: 0, g: 0, b: 0 });
  const [red, green, blue] = [r, g, b].map((each, at) => each * lamp[at]);
  return formatHex(convertLrgbToRgb({ r: red, g: green, b: blue }));
}

const paper = '#f1f1f1';
const warm = [0.8, 0.6, 0.35];
const surfaces = ['#7a1f24', '#2f4f86', '#c9a227', '#4d6b3a', '#2a2a2c', '#d9d2c0'];

test.each(surfaces)('a warm, dim light is taken out of %s by white paper', (hex) => {
  const found = correctedForLight(taken(hex, warm), { hex: taken(paper, warm), is: 'white' });
  expect(colourDifference(colourOfHex(found), colourOfHex(hex))).toBeLessThan(1);
  expect(colourDifference(colourOfHex(taken(hex, warm)), colourOfHex(hex))).toBeGreaterThan(4);
});

test('grey takes the cast out and leaves the brightness', () => {
  const grey = { hex: taken('#8a8a8a', warm), is: 'grey' } as const;
  const found = colourOfHex(correctedForLight(taken('#6b6b6b', warm), grey));
  expect(found.chroma).toBeLessThan(1.5);
  expect(Math.abs(found.value - colourOfHex(taken('#6b6b6b', warm)).value)).toBeLessThan(1);
});

test.each([
  ['#ffffff', 'white', 'burnt out'],
  ['#fdf0c0', 'white', 'burnt out'],
  ['#e03010', 'white', 'too coloured'],
  ['#0d0d0d', 'grey', 'too dark'],
] as const)('%s as %s is refused: %s', (hex, is, words) => {
  expect(lightProblem({ hex, is })).toContain(words);
});

test('paper under a warm lamp can tell the light', () => {
  expect(lightProblem({ hex: taken(paper, warm), is: 'white' })).toBeNull();
});
