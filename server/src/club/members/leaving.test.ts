import type { LogEntry } from '@yellow-ledger/core';
import { addDemo } from '../../demo/addDemo';
import { samplePots } from '../../demo/samplePots';
import { testClub, type TestMember } from '../testClub';

let clubServer: Awaited<ReturnType<typeof testClub>>;
let keeper: TestMember;
let wren: TestMember;
let other: TestMember;

beforeEach(async () => {
  clubServer = await testClub();
  await addDemo(clubServer.ledger);
  keeper = await clubServer.member('Ottoline', 'keeper');
  wren = await clubServer.member('Wren', 'painter');
  other = await clubServer.member('Sedge', 'painter');
});
afterEach(() => clubServer.close());

const put = (kind: string, content: { id: string }, revision = 0) =>
  clubServer.ask('put', `/api/${kind}/${content.id}`, wren).send({ content, revision }).expect(200);
const share = (kind: string, id: string) =>
  clubServer.ask('put', `/api/club/owners/${kind}/${id}`, wren).send({ is: 'shared' }).expect(200);
const leave = (who = wren) =>
  clubServer.ask('delete', `/api/club/members/${wren.id}`, who).expect(204);
const idsOf = async (kind: 'recipes' | 'pots' | 'benches') =>
  (await clubServer.ledger.records[kind].list()).map(({ content }) => content.id as string);
const entry = (id: string, benchId: string): LogEntry => ({
  kind: 'strike',
  id,
  benchId,
  at: '2026-11-27T18:00:00.000Z',
  order: 0,
  of: 'nothing',
  by: 'Wren',
});

test('what was shared becomes the club’s, what was kept to oneself goes, and pots that are drawn from stay', async () => {
  const [{ content: recipe }] = await clubServer.ledger.records.recipes.list();
  const [drawn, alone] = ['drawn', 'alone'].map((id) => ({ ...samplePots[0], id, name: id }));
  await put('pots', drawn);
  await put('pots', alone);
  const drawing = JSON.parse(JSON.stringify(recipe).replaceAll(samplePots[0].id, 'drawn')) as {
    id: string;
  };
  await put('recipes', { ...drawing, id: 'shared' });
  await put('recipes', { ...recipe, id: 'private' });
  await put('recipes', { ...recipe, id: 'private', notes: 'mine' } as { id: string }, 1);
  expect(await clubServer.ledger.records.recipes.moments('private')).toHaveLength(1);
  await share('recipes', 'shared');
  await clubServer
    .ask('put', '/api/recipes/private/versions/1', wren)
    .send({ note: '', revision: 2 })
    .expect(200);
  await leave();
  expect(await idsOf('recipes')).toEqual(expect.arrayContaining(['shared', recipe.id]));
  expect(await idsOf('recipes')).not.toContain('private');
  expect(await idsOf('pots')).toContain('drawn');
  expect(await idsOf('pots')).not.toContain('alone');
  expect(await clubServer.ledger.records.recipes.moments('private')).toEqual([]);
  expect(await clubServer.ledger.versions.list('private')).toEqual([]);
  expect((await clubServer.club.owners.of('recipes', 'shared')).owner).toBeNull();
  // An old copy of what went fits no more than any other that was deleted.
  await clubServer
    .ask('put', '/api/recipes/private', keeper)
    .send({ content: { ...recipe, id: 'private' }, revision: 1 })
    .expect(409);
});

test('the history of models stays, without the name; of a table nobody has seen nothing stays', async () => {
  const [{ content: bench }] = await clubServer.ledger.records.benches.list();
  await put('benches', { ...bench, id: 'own' });
  const log = (entries: LogEntry[]) =>
    clubServer.ask('post', '/api/log', wren).send({ entries }).expect(200);
  await log([entry('e1', bench.id), entry('e2', 'own')]);
  await leave(keeper);
  const { body } = await clubServer.ask('get', '/api/log', other).expect(200);
  const items = (body as { items: { entry: LogEntry }[] }).items.map(({ entry: each }) => each);
  expect(items.find(({ id }) => id === 'e1')).toMatchObject({ id: 'e1', benchId: bench.id });
  expect(items.find(({ id }) => id === 'e1')?.by).toBeUndefined();
  expect(items.some(({ id }) => id === 'e2')).toBe(false);
  expect(JSON.stringify(body)).not.toContain('Wren');
  expect(await idsOf('benches')).not.toContain('own');
});

test('the last manager does not leave, and nothing of theirs goes then', async () => {
  const [{ content: recipe }] = await clubServer.ledger.records.recipes.list();
  await clubServer
    .ask('put', '/api/recipes/of-keeper', keeper)
    .send({ content: { ...recipe, id: 'of-keeper' }, revision: 0 })
    .expect(200);
  await clubServer.ask('delete', `/api/club/members/${keeper.id}`, keeper).expect(409);
  expect(await idsOf('recipes')).toContain('of-keeper');
  await clubServer.ask('get', '/api/recipes/of-keeper', keeper).expect(200);
});
