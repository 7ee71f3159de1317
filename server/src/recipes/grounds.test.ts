import { writtenRecipe, type Recipe } from '@yellow-ledger/core';
import { samplePots } from '../demo/samplePots';
import { testApp } from '../testApp';

const recipe = (id: string, part: Partial<Recipe> = {}): Recipe => ({
  ...writtenRecipe({
    id,
    name: `Recipe ${id}`,
    surface: 'cloth',
    groundPotId: 'lampsoot',
    finishLevel: 'table',
    areaCm2: 8,
    lines: [['base brushCoat', '1 fenumber']],
    notes: '',
  }),
  ...part,
});
const on = (recipeId: string, version: number | null = null) => ({ ground: { recipeId, version } });

let server: Awaited<ReturnType<typeof testApp>>;
const put = (content: Recipe, revision = 0) =>
  server.put(`/api/recipes/${content.id}`, { content, revision });

beforeEach(async () => {
  server = await testApp();
  for (const id of ['lampsoot', 'fenumber', 'tallow'])
    await server.put(`/api/pots/${id}`, {
      content: samplePots.find((pot) => pot.id === id),
      revision: 0,
    });
  await put(recipe('cloth')).expect(200);
  await put(recipe('sign', on('cloth'))).expect(200);
});
afterEach(() => server.close());

test('a recipe is not put onto what is painted on top of it, and it is said why', async () => {
  const refused = await put(recipe('cloth', on('sign')), 1).expect(400);
  expect(refused.body.error.message).toBe(
    '“Recipe cloth” cannot go onto “Recipe sign”: that is painted on top of this one.',
  );
  expect(refused.body.error.fields).toMatchObject([{ field: 'ground' }]);
  const self = await put(recipe('alone', on('alone'))).expect(400);
  expect(self.body.error.code).toBe('invalid');
});

test('a ground that is gone keeps nobody from writing on', async () => {
  await server.remove('/api/recipes/cloth?revision=1').expect(204);
  await put(recipe('sign', { ...on('cloth'), notes: 'still here' }), 1).expect(200);
});

test('what goes onto a recipe as it is now is not frozen; onto a version it is', async () => {
  const early = await server.put('/api/recipes/sign/versions/1', { note: '', revision: 1 });
  expect(early.status).toBe(409);
  expect(early.body.error.code).toBe('ground-not-frozen');
  await server.put('/api/recipes/cloth/versions/1', { note: '', revision: 1 }).expect(200);
  await put(recipe('sign', on('cloth', 1)), 1).expect(200);
  await server.put('/api/recipes/sign/versions/1', { note: '', revision: 2 }).expect(200);
});

test('a file of one recipe holds all it stands on, and goes into an empty ledger', async () => {
  await server.put('/api/recipes/cloth/versions/1', { note: '', revision: 1 }).expect(200);
  await put(
    recipe('cloth', {
      steps: writtenRecipe({ ...recipe('x'), lines: [['base layer', '1 tallow']] }).steps,
    }),
    1,
  ).expect(200);
  await put(recipe('sign', on('cloth', 1)), 1).expect(200);
  await put(recipe('dust', on('sign'))).expect(200);
  const file = JSON.parse((await server.get('/api/files/recipes/dust').expect(200)).text);
  const ids = (list: { id: string }[]) => list.map(({ id }) => id).sort();
  expect(ids(file.recipes)).toEqual(['cloth', 'dust', 'sign']);
  expect(file.versions).toMatchObject([{ recipeId: 'cloth', number: 1 }]);
  expect(ids(file.pots)).toEqual(['fenumber', 'lampsoot', 'tallow']);
});
