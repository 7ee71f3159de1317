import { replacePot, type Kept, type Recipe } from '@yellow-ledger/core';
import { testApp } from '../testApp';

let server: Awaited<ReturnType<typeof testApp>>;
let kept: Kept<Recipe>[];

beforeEach(async () => {
  server = await testApp();
  await server.post('/api/demo/sample', {}).expect(204);
  kept = (await server.get('/api/recipes')).body.items;
});
afterEach(() => server.close());

const replaced = (id: string, revision?: number) => {
  const found = kept.find(({ content }) => content.id === id);
  if (!found) throw new Error(`no recipe ${id}`);
  return {
    content: replacePot(found.content, 'marigold', [{ potId: 'reedpollen', parts: 1 }]),
    revision: revision ?? found.revision,
  };
};
const versionsOf = async (id: string) =>
  (await server.get(`/api/recipes/${id}/versions`).expect(200)).body.items as {
    number: number;
    note: string;
    content: Recipe;
  }[];
const drawing = () =>
  kept
    .filter(({ content }) => JSON.stringify(content).includes('"marigold"'))
    .map(({ content }) => content.id);

test('what stood there is frozen, then written, then frozen as the new version', async () => {
  const [id] = drawing();
  await server
    .post('/api/replacements', { note: 'Marigold is dry', recipes: [replaced(id)] })
    .expect(200);
  const versions = await versionsOf(id);
  expect(versions.map(({ number, note }) => [number, note])).toEqual([
    [1, 'Before: Marigold is dry'],
    [2, 'Marigold is dry'],
  ]);
  expect(JSON.stringify(versions[0].content)).toContain('"marigold"');
  expect(JSON.stringify(versions[1].content)).not.toContain('"marigold"');
});

test('what is frozen already is not frozen twice', async () => {
  const [id] = drawing();
  await server.put(`/api/recipes/${id}/versions/1`, { note: 'mine', revision: 1 }).expect(200);
  await server.post('/api/replacements', { note: 'dry', recipes: [replaced(id)] }).expect(200);
  expect((await versionsOf(id)).map(({ note }) => note)).toEqual(['mine', 'dry']);
});

test('when one recipe has moved on, none is written and nothing is frozen', async () => {
  const [one, other] = drawing();
  const recipes = [replaced(one), replaced(other, 7)];
  const refused = await server.post('/api/replacements', { note: 'dry', recipes }).expect(409);
  expect(refused.body.error.message).toMatch(/Nothing was replaced/);
  expect(await versionsOf(one)).toEqual([]);
  expect((await server.get(`/api/recipes/${one}`)).body.revision).toBe(1);
});

test('sent twice, as after a lost answer, it is done once; with nothing replaced, not at all', async () => {
  const [id, other] = drawing();
  const request = { note: 'dry', recipes: [replaced(id)] };
  await server.post('/api/replacements', request).expect(200);
  const again = await server.post('/api/replacements', request).expect(200);
  expect(again.body.items[0].revision).toBe(2);
  expect(await versionsOf(id)).toHaveLength(2);
  const same = kept.find(({ content }) => content.id === other);
  const unchanged = { note: 'dry', recipes: [{ content: same?.content, revision: 1 }] };
  await server.post('/api/replacements', unchanged).expect(200);
  expect(await versionsOf(other)).toEqual([]);
});

test('a stand-in that is on no shelf, and a list of none, are refused with the reason', async () => {
  const [id] = drawing();
  const { content, revision } = replaced(id);
  const recipes = [{ content: { ...content, groundPotId: 'nowhere' }, revision }];
  const unknown = await server.post('/api/replacements', { note: '', recipes }).expect(400);
  expect(unknown.body.error.message).toMatch(/on no shelf: nowhere/);
  const none = await server.post('/api/replacements', { note: '', recipes: [] }).expect(400);
  expect(none.body.error.message).toMatch(/at least one recipe/);
});

test('of a recipe that goes onto another as that is now nothing is replaced, and it is said why', async () => {
  const [one, other] = drawing();
  const { content, revision } = replaced(one);
  const onto = { ...content, ground: { recipeId: other, version: null } };
  const { body } = await server
    .post('/api/replacements', { note: 'dry', recipes: [{ content: onto, revision }] })
    .expect(409);
  expect(body.error.code).toBe('ground-not-frozen');
  expect((await server.get(`/api/recipes/${one}`)).body.revision).toBe(1);
});
