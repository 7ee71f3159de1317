import { samplePots } from '../demo/samplePots';
import { sampleRecipes } from '../demo/sampleRecipes';
import { testApp } from '../testApp';
import { openDatabase } from './openDatabase';

let server: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => (server = await testApp()));
afterEach(() => server.close());

const [pot] = samplePots;
const at = (revision: number) => `/api/pots/${pot.id}?revision=${revision}`;
const put = (notes: string, revision: number) =>
  server.put(`/api/pots/${pot.id}`, { content: { ...pot, notes }, revision });

describe('revisions never start again', () => {
  test('deleted and brought back, a record goes on from where it ended', async () => {
    await put('one', 0).expect(200);
    await put('two', 1).expect(200);
    await server.remove(at(2)).expect(204);
    const { body } = await put('back', 0).expect(200);
    expect(body.revision).toBe(3);
  });

  test('a tab that had it before it was deleted cannot write over it', async () => {
    await put('one', 0).expect(200);
    await server.remove(at(1)).expect(204);
    await put('back', 0).expect(200);
    const { body } = await put('old tab', 1).expect(409);
    expect(body.error.current.content.notes).toBe('back');
    await server.remove(at(1)).expect(409);
  });

  test('bringing it back twice is harmless, also after it was deleted twice', async () => {
    for (let nth = 0; nth < 2; nth++) {
      const { body } = await put('same', 0).expect(200);
      const again = await put('same', 0).expect(200);
      expect(again.body).toEqual(body);
      await server.remove(at(body.revision)).expect(204);
    }
    expect((await put('same', 0).expect(200)).body.revision).toBe(3);
  });
});

describe('a row that cannot be read hides no other', () => {
  const spoil = async (content: string, table = 'pots', id = pot.id) => {
    const db = await openDatabase(server.file);
    await db(table).where({ id }).update({ content });
    await db.destroy();
  };
  const wrong = JSON.stringify({ ...pot, hiding: 7 });
  beforeEach(() => server.post('/api/demo/sample', {}).expect(204));

  test.each([
    ['a figure out of range', wrong, /hiding is 7; it should be a number from 0 to 1/],
    ['no JSON', '{"id":', /should be/],
  ])('%s: the others are listed, and it is named', async (_, content, reason) => {
    await spoil(content);
    const { body } = await server.get('/api/pots').expect(200);
    expect(body.items).toHaveLength(samplePots.length - 1);
    expect(body.damaged).toEqual([
      { id: pot.id, revision: 1, reason: expect.stringMatching(reason) as string },
    ]);
    const alone = await server.get(`/api/pots/${pot.id}`).expect(422);
    expect(alone.body.error).toMatchObject({ code: 'damaged' });
  });

  test('what an older release kept unread is in its place once it is known', async () => {
    const { more: _none, usualThinner: _no, ...kept } = pot;
    const more = [{ at: ['usualGlaze'], value: { waterParts: 6, mediumParts: 0 }, since: 4 }];
    await spoil(JSON.stringify({ ...kept, more }));
    const { body } = await server.get(`/api/pots/${pot.id}`).expect(200);
    expect(body.content.usualGlaze).toEqual({ waterParts: 6, mediumParts: 0 });
    expect(body.content.more).toBeUndefined();
  });

  test('everything else still goes out, and comes in', async () => {
    await spoil('x', 'recipes', sampleRecipes[0].id);
    const file = JSON.parse((await server.get('/api/files/everything').expect(200)).text);
    expect(file.recipes).toHaveLength(sampleRecipes.length - 1);
    await server.post('/api/files', file).expect(200);
  });

  test('it is mended by writing over it from the revision it has', async () => {
    await spoil(wrong);
    await put('mended', 1).expect(200);
    expect((await server.get('/api/pots').expect(200)).body.damaged).toBeUndefined();
  });

  test('it is mended by a file that has it', async () => {
    const other = await testApp();
    await other.post('/api/demo/sample', {}).expect(204);
    const file = JSON.parse((await other.get('/api/files/everything').expect(200)).text);
    await other.close();
    await spoil(wrong);
    await server.post('/api/files', file).expect(200);
    expect((await server.get(`/api/pots/${pot.id}`).expect(200)).body.content).toEqual(pot);
  });

  test('it can be deleted', async () => {
    const army = (await server.get('/api/armies').expect(200)).body.items[0];
    await spoil('{}', 'armies', army.content.id);
    await server.remove(`/api/armies/${army.content.id}?revision=1`).expect(204);
    const { body } = await server.get('/api/armies').expect(200);
    expect(body.damaged).toBeUndefined();
  });
});

test('a version or an entry that cannot be read hides no other, is named, and can be deleted', async () => {
  const server = await testApp();
  const db = await openDatabase(server.file);
  await server.post('/api/demo/sample', {}).expect(204);
  for (const id of ['reed-cloak', 'copper-helm'])
    await server.put(`/api/recipes/${id}/versions/1`, { note: '', revision: 1 }).expect(200);
  const strike = { kind: 'strike', benchId: 'table', at: '2026-03-01T18:00:00.000Z', order: 0 };
  const entries = ['one', 'two'].map((id) => ({ ...strike, id, of: 'nothing' }));
  await server.post('/api/log', { entries }).expect(200);
  await db('versions').where({ recipe_id: 'reed-cloak' }).update({ content: '{"half' });
  await db('log_entries').where({ id: 'one' }).update({ content: '{"half' });

  const versions = (await server.get('/api/versions').expect(200)).body;
  expect(versions.items).toHaveLength(1);
  expect(versions.damaged).toMatchObject([{ id: 'reed-cloak 1' }]);
  const log = (await server.get('/api/log').expect(200)).body;
  expect(log.items).toHaveLength(1);
  expect(log.damaged).toMatchObject([{ id: 'one' }]);

  // A readable record is kept, whoever asks.
  await server.remove('/api/recipes/copper-helm/versions/1').expect(409);
  await server.remove('/api/log/two').expect(409);
  await server.remove('/api/recipes/reed-cloak/versions/1').expect(204);
  await server.remove('/api/log/one').expect(204);
  expect((await server.get('/api/versions')).body).toEqual({ items: versions.items });
  expect((await server.get('/api/log')).body).toEqual({ items: log.items, damaged: [] });
  await db.destroy();
  await server.close();
});
