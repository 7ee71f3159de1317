import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import {
  ledgerFileJsonSchema,
  readLedgerFile,
  shelfOf,
  writeLedgerFile,
} from '@yellow-ledger/core';
import Ajv from 'ajv/dist/2020';
import { samplePots } from '../demo/samplePots';
import { sampleRecipes } from '../demo/sampleRecipes';

const published: object = JSON.parse(
  readFileSync(resolve(__dirname, '../../../docs/format/ledger-file.schema.json'), 'utf8'),
);
const file = writeLedgerFile(sampleRecipes, shelfOf(samplePots));
const isLedgerFile = new Ajv({ strict: false }).compile(published);

test('the published schema is the one the code has (npm run schema writes it anew)', () => {
  expect(published).toEqual(JSON.parse(JSON.stringify(ledgerFileJsonSchema())));
});

test('a reader that knows only the published schema takes the sample file', () => {
  expect(isLedgerFile(file)).toBe(true);
});

test.each([
  ['hiding over 1', { pots: [{ ...file.pots[0], hiding: 2 }] }],
  ['a swatch that is no colour', { pots: [{ ...file.pots[0], swatch: 'mud' }] }],
  ['no version', { version: undefined }],
])('and refuses %s', (_what, part) => {
  expect(isLedgerFile(JSON.parse(JSON.stringify({ ...file, ...part })))).toBe(false);
});

test('a file of the first format, without what came since, is still read', () => {
  const first = {
    ...file,
    version: 1,
    recipes: file.recipes.map((recipe) => ({
      ...recipe,
      steps: recipe.steps.map(({ restores: _since, ...step }) => step),
    })),
  };
  expect(readLedgerFile(JSON.stringify(first)).file.recipes).toHaveLength(sampleRecipes.length);
});

test('what lines, pots and variants have since the second format survives a round trip', () => {
  const [recipe, ...others] = sampleRecipes;
  const [first, second, ...rest] = recipe.steps;
  const varied = {
    ...recipe,
    form: 'limb' as const,
    parent: { recipeId: 'elsewhere', name: 'Clean', version: 2 },
    steps: [
      { ...first, coatsAt: { field: 1, display: 4 } },
      { ...second, isOut: true },
      ...rest.map((step, index) => (index === 0 ? { ...step, restores: second.id } : step)),
    ],
  };
  const pots = samplePots.map((pot) =>
    pot.id === 'fenumber' ? { ...pot, usualThinner: { waterParts: 1, mediumParts: 0.5 } } : pot,
  );
  const written = writeLedgerFile([varied, ...others], shelfOf(pots));
  expect(isLedgerFile(JSON.parse(JSON.stringify(written)))).toBe(true);
  expect(readLedgerFile(JSON.stringify(written)).file).toEqual(written);
});

test.each([
  ['coats at a level that are none', { coatsAt: { field: 0 } }],
  ['a level there is not', { coatsAt: { parade: 2 } }],
  ['a repair of a line that is not above', { restores: 'nobody' }],
])('a file with %s is refused, and the field is named', (_what, part) => {
  const [recipe] = sampleRecipes;
  const broken = {
    ...file,
    recipes: [
      { ...recipe, steps: recipe.steps.map((step, i) => (i === 0 ? { ...step, ...part } : step)) },
    ],
  };
  expect(() => readLedgerFile(JSON.stringify(broken))).toThrow(new RegExp(Object.keys(part)[0]));
});
