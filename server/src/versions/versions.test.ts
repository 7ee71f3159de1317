import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writtenRecipe, type Recipe } from '@yellow-ledger/core';
import type { Express } from 'express';
import type { Knex } from 'knex';
import pino from 'pino';
import request from 'supertest';
import { createApp } from '../app';
import { openLedger } from '../db/ledger';
import { openDatabase } from '../db/openDatabase';
import { samplePots } from '../demo/samplePots';

const recipe = writtenRecipe({
  id: 'r1',
  name: 'Oilskin',
  surface: 'cloth',
  groundPotId: 'lampsoot',
  finishLevel: 'table',
  areaCm2: 8,
  lines: [['base brushCoat', '1 fenumber']],
  notes: '',
});

let db: Knex;
let app: Express;

const put = (path: string, body: object) =>
  request(app).put(path).set('Host', 'localhost').send(body);
const putRecipe = (content: Recipe, revision: number) =>
  put(`/api/recipes/${content.id}`, { content, revision }).expect(200);
const freeze = (number: number | string, body: object) =>
  put(`/api/recipes/r1/versions/${number}`, body);
const versions = async () =>
  (await request(app).get('/api/recipes/r1/versions').set('Host', 'localhost').expect(200)).body
    .items;
const remove = (path: string) => request(app).delete(path).set('Host', 'localhost');

beforeEach(async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'yellow-ledger-')), 'ledger.sqlite');
  db = await openDatabase(file);
  app = createApp({ ledger: openLedger(db, file), log: pino({ level: 'silent' }) });
  for (const id of ['lampsoot', 'fenumber', 'tallow'])
    await put(`/api/pots/${id}`, { content: samplePots.find((pot) => pot.id === id), revision: 0 });
  await putRecipe(recipe, 0);
});
afterEach(() => db.destroy());

test('a version is the recipe as it was, and stays so while the recipe goes on', async () => {
  await freeze(1, { note: 'For the first boat', revision: 1 }).expect(200);
  await putRecipe({ ...recipe, name: 'Changed' }, 1);
  expect(await versions()).toMatchObject([
    { number: 1, note: 'For the first boat', content: { name: 'Oilskin' } },
  ]);
  await freeze(2, { note: '', revision: 2 }).expect(200);
  expect((await versions()).map(({ number }: { number: number }) => number)).toEqual([1, 2]);
});

test('a version frozen twice is frozen once, and nothing new is nothing to freeze', async () => {
  const first = await freeze(1, { note: 'a', revision: 1 }).expect(200);
  const again = await freeze(1, { note: 'a', revision: 1 }).expect(200);
  expect(again.body).toEqual(first.body);
  const refused = await freeze(2, { note: 'b', revision: 1 }).expect(409);
  expect(refused.body.error).toMatchObject({
    code: 'nothing-changed',
    message: 'Nothing has changed since version 1, so there is nothing to save as a version.',
  });
  expect(await versions()).toHaveLength(1);
});

test('a version is not made from what somebody has not seen, nor numbered out of turn', async () => {
  await putRecipe({ ...recipe, name: 'Theirs' }, 1);
  expect((await freeze(1, { note: '', revision: 1 }).expect(409)).body.error.code).toBe('stale');
  expect((await freeze(7, { note: '', revision: 2 }).expect(409)).body.error.code).toBe('stale');
  await freeze(1, { note: '', revision: 2 }).expect(200);
});

test.each([
  ['a number that is none', 'x', { note: '', revision: 1 }],
  ['a number of 0', '0', { note: '', revision: 1 }],
  ['no note', '1', { revision: 1 }],
  ['a revision of 0', '1', { note: '', revision: 0 }],
])('%s is refused, and the field is named', async (_what, number, body) => {
  const { error } = (await freeze(number, body).expect(400)).body;
  expect(error.fields.length).toBeGreaterThan(0);
});

test('versions outlive a deleted recipe, and are there again when it comes back', async () => {
  await freeze(1, { note: '', revision: 1 }).expect(200);
  await remove('/api/recipes/r1?revision=1').expect(204);
  await freeze(2, { note: '', revision: 1 }).expect(409);
  await putRecipe(recipe, 0);
  expect(await versions()).toHaveLength(1);
});

test('a pot that only a version draws from cannot be deleted', async () => {
  await freeze(1, { note: '', revision: 1 }).expect(200);
  const [base] = recipe.steps;
  const tallow: Recipe = {
    ...recipe,
    steps: [{ ...base, mix: { ...base.mix, parts: [{ from: 'pot', potId: 'tallow', parts: 1 }] } }],
  };
  await putRecipe(tallow, 1);
  const refused = await remove('/api/pots/fenumber?revision=1').expect(409);
  expect(refused.body.error.code).toBe('in-use');
});

test('a variant of a recipe that was deleted is kept with its tie', async () => {
  const variant: Recipe = {
    ...recipe,
    id: 'r2',
    parent: { recipeId: 'gone', name: 'Gone', version: 3 },
  };
  await putRecipe(variant, 0);
  const kept = await request(app).get('/api/recipes/r2').set('Host', 'localhost').expect(200);
  expect(kept.body.content.parent).toEqual(variant.parent);
});
