import { readFileSync } from 'node:fs';
import type { Pot, Recipe } from '@yellow-ledger/core';
import type { Express } from 'express';
import type { Knex } from 'knex';
import pino from 'pino';
import request from 'supertest';
import { createApp } from './app';
import { openLedger } from './db/ledger';
import { openDatabase } from './db/openDatabase';
import { newDatabaseFile, openTestDatabase } from './db/testDatabase';
import { samplePots } from './demo/samplePots';
import { sampleRecipes } from './demo/sampleRecipes';

const pot: Pot = { ...samplePots[4], id: 'p1' };
const primer: Pot = { ...samplePots[0], id: 'ground' };
const recipe: Recipe = {
  id: 'r1',
  name: 'Oilskin',
  surface: 'cloth',
  groundPotId: 'ground',
  finishLevel: 'table',
  models: 6,
  areaCm2: 8,
  steps: [],
  notes: '',
  archived: false,
};

let db: Knex;
let app: Express;
let file: string;

beforeEach(async () => {
  file = newDatabaseFile();
  db = await openTestDatabase(file);
  app = createApp({ ledger: openLedger(db, file), log: pino({ level: 'silent' }) });
});
afterEach(() => db.destroy());

const put = (path: string, body: object) =>
  request(app).put(path).set('Host', 'localhost').send(body);
const get = (path: string) => request(app).get(path).set('Host', 'localhost');
const putPot = (content: Pot, revision = 0) =>
  put(`/api/pots/${content.id}`, { content, revision });
const putRecipe = (content: Recipe, revision = 0) =>
  put(`/api/recipes/${content.id}`, { content, revision });

describe('a record', () => {
  test('is there after writing, with its revision and when', async () => {
    const written = await putPot(pot).expect(200);
    expect(written.body).toMatchObject({ content: pot, revision: 1 });
    expect(Date.parse(written.body.savedAt)).toBeGreaterThan(Date.now() - 60_000);
    expect((await get('/api/pots/p1').expect(200)).body).toEqual(written.body);
    expect((await get('/api/pots').expect(200)).body.items).toEqual([written.body]);
  });

  test('is still there when the database is opened again', async () => {
    await putPot(pot);
    await db.destroy();
    db = await openDatabase(file);
    app = createApp({ ledger: openLedger(db, file), log: pino({ level: 'silent' }) });
    expect((await get('/api/pots/p1')).body.content).toEqual(pot);
  });

  test('is not written over by a stale write: both versions come back', async () => {
    await putPot(pot);
    const theirs = { ...pot, name: 'Theirs' };
    const mine = { ...pot, name: 'Mine' };
    await putPot(theirs, 1).expect(200);
    const refused = await putPot(mine, 1).expect(409);
    expect(refused.body.error).toMatchObject({
      code: 'stale',
      yours: mine,
      current: { content: theirs, revision: 2 },
    });
    expect((await get('/api/pots/p1')).body.content.name).toBe('Theirs');
  });

  test('sent twice, as after a lost answer, is written once', async () => {
    await putPot(pot);
    const again = await putPot(pot).expect(200);
    expect(again.body.revision).toBe(1);
  });

  test('deleted elsewhere comes back as gone, not as written', async () => {
    const refused = await putPot(pot, 3).expect(409);
    expect(refused.body.error).toMatchObject({ code: 'stale', current: null });
  });

  test('that is nowhere is not found, in a sentence', async () => {
    const missing = await get('/api/recipes/nowhere').expect(404);
    expect(missing.body.error.message).toContain('no recipe here');
    await get('/api/nonsense').expect(404);
  });
});

describe('bad input', () => {
  test.each([
    [{ hiding: 1.4 }, 'content.hiding', '1.4', 'a number from 0 to 1'],
    [{ swatch: 'mustard' }, 'content.swatch', '"mustard"', '#d9a21b'],
    [{ name: 'x'.repeat(10_000) }, 'content.name', '10002 characters', '1 to 120 characters'],
    [{ volumeMl: -5 }, 'content.volumeMl', '-5', 'from 0 to 10,000'],
    [{ shade: 1 }, 'content', 'finish', 'no field called "shade"'],
  ])(
    'a wrong pot (%#) is refused with the field, the value and what is right',
    async (part, field, value, right) => {
      const refused = await put('/api/pots/p1', {
        content: { ...pot, ...part },
        revision: 0,
      }).expect(400);
      const [error] = refused.body.error.fields;
      expect(error.field).toBe(field);
      expect(error.value).toContain(value);
      expect(error.expected).toContain(right);
      expect((await get('/api/pots')).body.items).toHaveLength(0);
    },
  );

  test.each(['<script>alert(1)</script>', '🪔🟡', 'صفراء'])('%s is only a name', async (name) => {
    await putPot({ ...pot, name }).expect(200);
    expect((await get('/api/pots/p1')).body.content.name).toBe(name);
  });

  test('no JSON, cut JSON and too much JSON are the client’s to mend', async () => {
    const send = (text: string) =>
      request(app)
        .put('/api/pots/p1')
        .set('Host', 'localhost')
        .set('Content-Type', 'application/json')
        .send(text);
    expect((await send('{"content":').expect(400)).body.error.code).toBe('not-json');
    expect((await send(`"${'x'.repeat(500_000)}"`).expect(413)).body.error.code).toBe('too-large');
    expect((await send('[]').expect(400)).body.error.code).toBe('invalid');
    await request(app).delete('/api/pots/p1?revision=soon').set('Host', 'localhost').expect(400);
    await put('/api/pots/other', { content: pot, revision: 0 }).expect(400);
  });

  test('another host name than this machine’s is refused', async () => {
    await request(app).get('/api/pots').set('Host', 'ledger.example').expect(421);
  });

  test('no answer shows a stack or what the server runs on', async () => {
    await db.schema.dropTable('palettes');
    const broken = await get('/api/palettes').expect(500);
    expect(JSON.stringify(broken.body)).not.toMatch(/at .*\.ts|node_modules|SQLITE/);
    expect(broken.headers['x-powered-by']).toBeUndefined();
    expect(broken.headers['content-security-policy']).toContain("script-src 'self'");
  });
});

describe('a recipe', () => {
  beforeEach(async () => {
    await putPot(pot);
    await putPot(primer);
  });

  test('that draws from pots on no shelf is refused by their names', async () => {
    const refused = await putRecipe({ ...recipe, groundPotId: 'lost' }).expect(400);
    expect(refused.body.error.message).toContain('lost');
  });

  test('keeps its pots from being deleted until it lets go of them', async () => {
    await putRecipe(recipe).expect(200);
    const remove = () =>
      request(app).delete('/api/pots/ground?revision=1').set('Host', 'localhost');
    const refused = await remove().expect(409);
    expect(refused.body.error).toMatchObject({ code: 'in-use' });
    expect(refused.body.error.message).toContain('Remove it from the shelf instead');
    await request(app).delete('/api/recipes/r1?revision=1').set('Host', 'localhost').expect(204);
    await remove().expect(204);
  });

  test('with a mix that carries itself forward is refused', async () => {
    const step = {
      ...sampleRecipes[0].steps[0],
      id: 's1',
      mix: {
        parts: [{ from: 'step' as const, stepId: 's1', parts: 1 }],
        waterParts: 0,
        mediumParts: 0,
      },
    };
    const refused = await putRecipe({ ...recipe, steps: [step] }).expect(400);
    expect(refused.body.error.message).toContain('cannot carry itself');
  });
});

describe('files', () => {
  const send = (text: string) =>
    request(app)
      .post('/api/files')
      .set('Host', 'localhost')
      .set('Content-Type', 'application/json')
      .send(text);
  const exported = async (id: string) => {
    const file = await get(`/api/files/recipes/${id}`).expect(200);
    return JSON.stringify(file.body);
  };

  beforeEach(() => request(app).post('/api/demo/sample').set('Host', 'localhost').expect(204));

  test('the sample has 40 pots or more, of every kind, and six recipes that can be read back', async () => {
    const pots = (await get('/api/pots')).body.items;
    expect(pots.length).toBeGreaterThanOrEqual(40);
    const kinds = new Set(pots.map((kept: { content: Pot }) => kept.content.kind));
    expect([...kinds].sort()).toEqual(['ink', 'medium', 'paint', 'primer', 'varnish', 'wash']);
    expect((await get('/api/recipes')).body.items).toHaveLength(sampleRecipes.length);
  });

  test('the newest alone can be asked for, and it is said that there are others', async () => {
    const all = (await get('/api/recipes')).body.items as { content: Recipe }[];
    const { content } = all[2];
    await putRecipe({ ...content, notes: 'Touched last' }, 1).expect(200);
    const newest = (await get('/api/recipes?newest=3').expect(200)).body;
    expect(newest.isAll).toBe(false);
    expect(newest.items).toHaveLength(3);
    expect(newest.items[0].content.id).toBe(content.id);
    const whole = (await get(`/api/recipes?newest=${all.length}`)).body;
    expect(whole.isAll).toBeUndefined();
    expect(whole.items).toHaveLength(all.length);
  });

  test.each(['0', '-1', '1000', 'all', '1.5'])(
    'the newest %s are refused with a reason',
    async (newest) => {
      const refused = await get(`/api/recipes?newest=${newest}`).expect(400);
      expect(refused.body.error.message).toContain('1 to 999');
    },
  );

  test('putting the sample in twice doubles nothing', async () => {
    await request(app).post('/api/demo/sample').set('Host', 'localhost').expect(204);
    expect((await get('/api/recipes')).body.items).toHaveLength(sampleRecipes.length);
  });

  test('a recipe goes out with its pots and comes into an empty ledger as it was', async () => {
    const text = await exported('copper-helm');
    await db('drawn_pots').delete();
    await db('recipes').delete();
    await db('pots').delete();
    const taken = await send(text).expect(200);
    expect(taken.body.recipes).toEqual([
      { id: 'copper-helm', name: 'Copper diving helm', asCopy: false },
    ]);
    const back = (await get('/api/recipes/copper-helm')).body.content;
    expect(back).toEqual(sampleRecipes.find(({ id }) => id === 'copper-helm'));
  });

  test('a recipe that is here already comes in beside it, and my pots stay mine', async () => {
    const text = await exported('reed-cloak');
    const mine = samplePots.find(({ id }) => id === 'reedstraw')!;
    await putPot({ ...mine, hiding: 0.9 }, 1).expect(200);
    const taken = await send(text).expect(200);
    expect(taken.body.recipes[0]).toMatchObject({
      asCopy: true,
      name: 'Reed cloak, three tones (from a file)',
    });
    expect(taken.body.potsDiffering).toEqual(['Reed Straw']);
    expect((await get('/api/pots/reedstraw')).body.content.hiding).toBe(0.9);
  });

  test.each([
    ['{"format":"yellow-ledger","version":1,"po', 'no whole JSON'],
    ['{"format":"yellow-ledger","version":7}', 'has format 7'],
    ['{"hello":1}', 'no yellow-ledger file'],
  ])('%s is refused with a reason, and nothing is taken in', async (text, reason) => {
    const refused = await send(text).expect(400);
    expect(refused.body.error.message).toContain(reason);
    expect((await get('/api/recipes')).body.items).toHaveLength(sampleRecipes.length);
  });

  test('one word of 70 MB is refused without being read to its end', async () => {
    const refused = await send(`"${'x'.repeat(70_000_000)}"`).expect(400);
    expect(refused.body.error.message).toMatch('more than 64 MB, which no ledger has');
  });

  test('an import that fails half-way leaves nothing behind', async () => {
    const file = JSON.parse(await exported('reed-cloak'));
    const stray = { ...file.pots[0], id: 'stray' };
    const second = { ...file.recipes[0], id: 'second', groundPotId: 'nowhere' };
    const text = JSON.stringify({
      ...file,
      pots: [...file.pots, stray],
      recipes: [...file.recipes, second],
    });
    await send(text).expect(400);
    expect((await get('/api/pots/stray')).status).toBe(404);
  });
});

test('the database is opened as promised: WAL, full sync, foreign keys', async () => {
  const pragma = async (name: string) => Object.values((await db.raw(`PRAGMA ${name}`))[0])[0];
  expect(await pragma('journal_mode')).toBe('wal');
  expect(await pragma('synchronous')).toBe(2);
  expect(await pragma('foreign_keys')).toBe(1);
  expect(readFileSync(file).subarray(0, 15).toString()).toBe('SQLite format 3');
});

describe('another page', () => {
  const from = (origin: string) =>
    request(app).post('/api/demo/sample').set('Host', 'localhost').set('Origin', origin).send({});

  test('writes nothing, whatever it sends, and is told so', async () => {
    for (const origin of ['http://example.org', 'null', 'https://localhost', 'http://localhost:1'])
      expect((await from(origin).expect(403)).body.error.code).toBe('other-page');
    expect((await get('/api/pots').expect(200)).body.items).toEqual([]);
  });

  test('of the ledger itself writes', async () => {
    await from('http://localhost').expect(204);
    expect((await get('/api/pots').expect(200)).body.items.length).toBeGreaterThan(0);
  });
});
