import { renameSync } from 'node:fs';
import { armySchema, type Army } from '@yellow-ledger/core';
import express from 'express';
import request from 'supertest';
import pino from 'pino';
import { createApp } from '../app';
import { openLedger } from '../db/ledger';
import { openDatabase } from '../db/openDatabase';
import { samplePots } from '../demo/samplePots';
import { testApp } from '../testApp';
import { answerErrors } from './answerErrors';
import { deepest, mostValues, NestingGuard } from './nesting';

let server: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => (server = await testApp()));
afterEach(() => server.close());

const nested = (levels: number) => `${'['.repeat(levels)}${']'.repeat(levels)}`;
const sized = (text: string) => new TextEncoder().encode(text);
const refuseDeep = (json: Uint8Array) => new NestingGuard().pass(json);

test('an address that cannot be read is the client’s mistake', async () => {
  const { body } = await server.get('/api/recipes/%').expect(400);
  expect(body.error).toMatchObject({ code: 'bad-request' });
  await server.get('/api/recipes/%E0%A4%A').expect(400);
});

test('an army of two thousand models with six thousand recipes of single models is saved', async () => {
  await server.post('/api/demo/sample', {}).expect(204);
  const { content, revision } = (await server.get('/api/armies/lanternfen-levy')).body as {
    content: Army;
    revision: number;
  };
  const [unit, ...units] = content.units;
  const surfaceIds = ['cloak-of-the-watch', 'helm-of-the-watch', 'face-of-the-watch'];
  const own = Array.from({ length: 6000 }, (_, nth) => ({
    model: 1 + (nth % 2000),
    surfaceId: surfaceIds[Math.floor(nth / 2000)],
    recipe: { recipeId: 'reed-cloak', version: null },
  }));
  const dealt = { ...content, units: [{ ...unit, models: 2000, own }, ...units] };
  expect(armySchema.safeParse(dealt).success).toBe(true);
  await server.put(`/api/armies/${content.id}`, { content: dealt, revision }).expect(200);
  const more = { ...unit, models: 2000, own: own.slice(0, 5000) };
  const tooMany = { ...content, units: [1, 2, 3, 4, 5].map((nth) => ({ ...more, id: `u${nth}` })) };
  const { body } = await server
    .put(`/api/armies/${content.id}`, { content: tooMany, revision: revision + 1 })
    .expect(400);
  expect(body.error.message).toMatch('at most 20,000 recipes of single models');
});

test('a full disk is said, and is nobody’s mistake', async () => {
  const full = Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' });
  const app = express();
  app.get('/', () => {
    throw full;
  });
  app.use(answerErrors(pino({ level: 'silent' })));
  const { body } = await request(app).get('/').expect(507);
  expect(body.error).toMatchObject({ code: 'disk-full' });
});

test('says that it is open, and of which version', async () => {
  const { body } = await server.get('/healthz').expect(200);
  expect(body).toEqual({
    isOpen: true,
    version: expect.stringMatching(/^\d+\.\d+\.\d+$/) as string,
  });
});

describe('nesting', () => {
  test('as deep as anything here goes through, and no deeper', () => {
    expect(() => refuseDeep(sized(nested(deepest)))).not.toThrow();
    expect(() => refuseDeep(sized(nested(deepest + 1)))).toThrow(RangeError);
  });

  test('brackets in text are text, whatever stands before them', () => {
    expect(() => refuseDeep(sized(JSON.stringify(`"\\${'['.repeat(500)}`)))).not.toThrow();
    expect(() => refuseDeep(sized(`["\\\\",${nested(deepest)}]`))).toThrow(RangeError);
  });

  test('is seen wherever what comes is cut', () => {
    expect.hasAssertions();
    const text = sized(`["a\\\"[[",${nested(deepest - 1)},${nested(deepest)}]`);
    for (let at = 0; at <= text.length; at++) {
      const guard = new NestingGuard();
      expect(() => [text.slice(0, at), text.slice(at)].forEach((part) => guard.pass(part))).toThrow(
        `deeper than ${deepest}`,
      );
    }
  });

  test('more values than anything has are not read either', async () => {
    const writes = Array<number>(mostValues + 2).fill(0);
    const { body } = await server.post('/api/pot-batches', { writes }).expect(400);
    expect(body.error.message).toMatch('more than 600,000 values');
  });

  test.each(['/api/recipes/deep', '/api/log', '/api/pot-batches'])(
    'is refused at %s',
    async (path) => {
      const deep = JSON.parse(nested(1400)) as object;
      const send = path.startsWith('/api/recipes') ? server.put : server.post;
      const { body } = await send(path, deep).expect(400);
      expect(body.error).toMatchObject({ code: 'too-deep' });
    },
  );
});

test.each(['__proto__', 'constructor', 'toString', 'hasOwnProperty'])(
  'no record is called %s',
  async (id) => {
    const content = { ...samplePots[0], id };
    const { body } = await server.put(`/api/pots/${id}`, { content, revision: 0 }).expect(400);
    expect(body.error.message).toMatch(/another identifier/);
    expect((await server.get('/api/pots').expect(200)).body.items).toEqual([]);
  },
);

test('of a thousand things that are wrong twenty are told', async () => {
  const writes = Array.from({ length: 1000 }, () => ({ content: { ...samplePots[0], hiding: 7 } }));
  const { body } = await server.post('/api/pot-batches', { writes }).expect(400);
  expect(body.error.fields).toHaveLength(20);
});

test('nothing is taken once the file is gone, and reading goes on', async () => {
  const db = await openDatabase(server.file);
  const app = createApp({
    ledger: openLedger(db, server.file),
    log: pino({ level: 'silent' }),
    databaseFile: server.file,
  });
  const put = (revision: number) =>
    request(app)
      .put(`/api/pots/${samplePots[0].id}`)
      .set('Host', 'localhost')
      .send({ content: { ...samplePots[0], notes: String(revision) }, revision });
  await put(0).expect(200);
  renameSync(server.file, `${server.file}.away`);
  const { body } = await put(1).expect(503);
  expect(body.error).toMatchObject({ code: 'file-gone' });
  await request(app).get('/api/pots').set('Host', 'localhost').expect(200);
  renameSync(`${server.file}.away`, server.file);
  await put(1).expect(200);
  await db.destroy();
});
