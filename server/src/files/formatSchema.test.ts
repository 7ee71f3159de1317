import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { ledgerFileJsonSchema, shelfOf, writeLedgerFile } from '@yellow-ledger/core';
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
