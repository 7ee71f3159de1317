import { colourOfHex, type Pot, type Recipe, type Step } from '@yellow-ledger/core';
import { valueWords } from './valueWords';
import { dropsWords } from './dropsWords';
import { importedWords } from './importedWords';
import { potNamesOf, recipeWordsOf } from './recipeWords';
import { mlWords } from './mlWords';
import { percent } from './percent';
import { nearnessWords, standInWords } from './substituteWords';

const pot = (id: string, name: string): Pot => ({
  id,
  name,
  kind: 'paint',
  finish: 'matt',
  flow: 'normal',
  swatch: '#d99a1f',
  hiding: 0.4,
  hidingIsGuess: false,
  volumeMl: null,
  notes: '',
  retired: false,
});
const pots = [pot('marigold', 'Marigold Clay'), pot('umber', 'Fen Umber')];

const step = (id: string, parts: Step['mix']['parts']): Step => ({
  id,
  stage: 'layer',
  technique: 'layer',
  mix: { parts, waterParts: 0, mediumParts: 0 },
  coats: 1,
  placement: { from: 0, to: 1, softness: 0, pull: 'even' },
  dryMinutes: 0,
  level: 'field',
  note: '',
});
const recipe: Recipe = {
  id: 'r',
  name: 'Oilskin',
  surface: 'cloth',
  groundPotId: 'umber',
  finishLevel: 'table',
  models: 6,
  areaCm2: 8,
  steps: [
    step('one', [{ from: 'pot', potId: 'marigold', parts: 3 }]),
    step('two', [
      { from: 'step', stepId: 'one', parts: 2 },
      { from: 'pot', potId: 'gone', parts: 1 },
    ]),
  ],
  notes: '',
  archived: false,
};

test('drops name each pot and leave out thinner that is not there', () => {
  const drops = {
    pots: [
      { potId: 'marigold', drops: 6 },
      { potId: 'umber', drops: 2 },
    ],
    water: 8,
    medium: 0,
    colourError: 0,
    isWithin: true,
    load: 0.5,
    writtenLoad: 0.5,
  };
  expect(dropsWords(drops, potNamesOf(pots))).toBe('6 Marigold Clay + 2 Fen Umber + 8 water');
  // Half a drop of water nobody can count out: then it is said what is on the brush.
  expect(dropsWords({ ...drops, water: 0, load: 1, writtenLoad: 0.67 }, potNamesOf(pots))).toBe(
    '6 Marigold Clay + 2 Fen Umber (100 % paint; 67 % is written)',
  );
});

test('a mix is told by pots and lines, and a pot that is gone is said to be', () => {
  const words = recipeWordsOf(recipe, pots, null);
  expect(words.mix(recipe.steps[0].mix)).toBe('Marigold Clay');
  expect(words.mix(recipe.steps[1].mix)).toBe('2 of line 1 + 1 a pot that is gone');
});

test('a line that is not there has number 0 and a colour that gives nothing away', () => {
  const words = recipeWordsOf(recipe, pots, null);
  expect(words.lineNumber('two')).toBe(2);
  expect(words.lineNumber('nobody')).toBe(0);
  expect(words.stepHex('two')).toBe('#777777');
  expect(words.potHex('gone')).toBe('#777777');
});

test('what a file brought is told, and what was left alone', () => {
  const nothing = { recipes: [], potsAdded: 0, potsKept: 0, potsDiffering: [], leftOut: [] };
  expect(importedWords({ ...nothing, potsAdded: 12 })).toBe(
    'Imported: no recipe. 12 pots were new.',
  );
  expect(
    importedWords({
      ...nothing,
      recipes: [{ id: 'r', name: 'Reed cloak', asCopy: false }],
      potsKept: 3,
      potsDiffering: ['Peat'],
      leftOut: ['armies'],
    }),
  ).toBe(
    'Imported: Reed cloak. 0 pots were new, 3 were here already. Your own values were kept for Peat. Left out, being here already: armies.',
  );
});

test('a stand-in is told with how near it comes and how it hides', () => {
  const standIn = { parts: [{ potId: 'a', parts: 1 }], colour: colourOfHex('#808080') };
  expect(
    standInWords(
      [
        { potId: 'a', parts: 3 },
        { potId: 'b', parts: 1 },
      ],
      (id) => `Pot ${id}`,
    ),
  ).toBe('3 Pot a + 1 Pot b');
  expect(nearnessWords({ ...standIn, error: 0.42, hidingError: -0.02 })).toBe('nobody will see it');
  expect(nearnessWords({ ...standIn, error: 3, hidingError: -0.16 })).toBe(
    'you would see it side by side; hides less',
  );
});

test.each([
  [0, 'hardly lighter'],
  [-5, 'a little darker'],
  [12, 'clearly lighter'],
  [-40, 'much darker'],
])('value moved by %d is %s', (change, words) => {
  expect(valueWords(change)).toBe(words);
});

test('a share is told as a percentage, to a tenth', () => {
  expect([0.5, 0.125, 1.2, 0].map(percent)).toEqual(['50 %', '12.5 %', '120 %', '0 %']);
});

test('millilitres are told as finely as anybody measures them', () => {
  expect([0.437, 9.999, 12.34, 0.004].map(mlWords)).toEqual([
    '0.44 ml',
    '10.0 ml',
    '12.3 ml',
    'under 0.01 ml',
  ]);
});
