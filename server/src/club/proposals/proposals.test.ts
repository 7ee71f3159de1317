import type { Proposal, Recipe } from '@yellow-ledger/core';
import { addDemo } from '../../demo/addDemo';
import { testClub, type TestMember } from '../testClub';

let clubServer: Awaited<ReturnType<typeof testClub>>;
let keeper: TestMember;
let painter: TestMember;
let guest: TestMember;
let target: Recipe;

beforeEach(async () => {
  clubServer = await testClub();
  await addDemo(clubServer.ledger);
  keeper = await clubServer.member('Ottoline', 'keeper');
  painter = await clubServer.member('Wren', 'painter');
  guest = await clubServer.member('Marsh', 'guest');
  const recipes = (await clubServer.ledger.records.recipes.list()).map(({ content }) => content);
  target = recipes.find(({ id }) => id === 'oilskin-shadow')!;
});
afterEach(() => clubServer.close());

const at = '/api/club/proposals';
const better = (over: Partial<Recipe> = {}): Recipe => ({
  ...target,
  id: 'of-wren',
  name: 'Wren’s way',
  steps: target.steps.slice(0, -1),
  ...over,
});
const propose = (content: Recipe, targetId: string | null, who = painter) =>
  clubServer.ask('post', at, who).send({ targetId, words: 'a line less', content });
const idOf = (answer: { body: unknown }) => (answer.body as { id: string }).id;
const list = async (who = keeper) =>
  ((await clubServer.ask('get', at, who).expect(200)).body as { items: Proposal[] }).items;
const approve = (id: string, revision: number, who = keeper) =>
  clubServer.ask('post', `${at}/${id}/approved`, who).send({ revision });
const revisionOf = async (id: string) =>
  (await clubServer.ledger.records.recipes.get(id))?.revision;

test('what is approved is the next version of the club, by the name it has there', async () => {
  const id = idOf(await propose(better(), target.id).expect(200));
  const before = await clubServer.ledger.versions.list(target.id);
  await approve(id, (await revisionOf(target.id))!).expect(200);
  const versions = await clubServer.ledger.versions.list(target.id);
  expect(versions.at(-1)?.content).toEqual({ ...target, steps: better().steps });
  expect(versions.at(-1)?.note).toContain('a line less');
  // The recipe before it is a version too, for the models that were painted by it.
  expect(versions.slice(before.length).map(({ content }) => content.steps.length)).toContain(
    target.steps.length,
  );
  expect(await list()).toMatchObject([
    { state: 'approved', decidedBy: keeper.id, version: versions.at(-1)?.number },
  ]);
  await approve(id, 1).expect(409);
});

test('an army that was painted by the recipe as it is stays what it is until its pin is moved', async () => {
  const [army] = await clubServer.ledger.records.armies.list();
  const live = `"recipeId":"${target.id}","version":null`;
  expect(JSON.stringify(army.content)).toContain(live);
  const id = idOf(await propose(better(), target.id));
  await approve(id, (await revisionOf(target.id))!).expect(200);
  const after = JSON.stringify((await clubServer.ledger.records.armies.list())[0].content);
  expect(after).not.toContain(live);
  const version = Number(new RegExp(`"recipeId":"${target.id}","version":(\\d+)`).exec(after)?.[1]);
  const painted = (await clubServer.ledger.versions.list(target.id)).find(
    ({ number }) => number === version,
  );
  expect(painted?.content.steps).toEqual(target.steps);
});

test('a new recipe becomes one of the club, once, however often it is asked for', async () => {
  const id = idOf(await propose(better(), null).expect(200));
  await approve(id, 0).expect(200);
  await clubServer.db('proposals').where({ id }).update({ state: 'open' });
  await approve(id, 0).expect(200);
  const named = (await clubServer.ledger.records.recipes.list()).filter(
    ({ content }) => content.name === 'Wren’s way',
  );
  expect(named).toHaveLength(1);
  expect((await clubServer.club.owners.of('recipes', named[0].content.id)).owner).toBeNull();
  expect(await clubServer.ledger.versions.list(named[0].content.id)).toHaveLength(1);
});

test('a club recipe that was changed since the manager looked is not written over', async () => {
  const id = idOf(await propose(better(), target.id));
  const revision = (await revisionOf(target.id))!;
  await clubServer
    .ask('put', `/api/recipes/${target.id}`, keeper)
    .send({ content: { ...target, notes: 'changed meanwhile' }, revision })
    .expect(200);
  await approve(id, revision).expect(409);
  expect((await list())[0].state).toBe('open');
});

test('it is declined with a reason, and withdrawn by who made it alone', async () => {
  const [one, other] = [
    idOf(await propose(better(), target.id)),
    idOf(await propose(better(), null)),
  ];
  await clubServer.ask('post', `${at}/${one}/declined`, keeper).send({ reason: '' }).expect(400);
  await clubServer
    .ask('post', `${at}/${one}/declined`, keeper)
    .send({ reason: 'too dark' })
    .expect(204);
  await clubServer.ask('delete', `${at}/${other}`, keeper).expect(403);
  await clubServer.ask('delete', `${at}/${other}`, painter).expect(204);
  expect(await list()).toMatchObject([{ id: one, state: 'declined', reason: 'too dark' }]);
  await clubServer.ask('delete', `${at}/${one}`, painter).expect(409);
});

test('who may decide, remark and look is what the table of rights says', async () => {
  const id = idOf(await propose(better(), target.id));
  await propose(better(), target.id, guest).expect(403);
  await approve(id, 1, painter).expect(403);
  await clubServer.ask('post', `${at}/${id}/declined`, painter).send({ reason: 'no' }).expect(403);
  await clubServer.ask('get', at, guest).expect(403);
  await clubServer.ask('get', at, null).expect(401);
  const remark = { stepId: target.steps[0].id, words: 'thinner here' };
  await clubServer.ask('post', `${at}/${id}/remarks`, guest).send(remark).expect(404);
  await clubServer.ask('post', `${at}/${id}/remarks`, keeper).send(remark).expect(204);
  const [{ remarks }] = await list(painter);
  expect(remarks).toMatchObject([{ ...remark, memberId: keeper.id }]);
  await clubServer.ask('delete', `${at}/${id}/remarks/${remarks[0].id}`, painter).expect(403);
  await clubServer.ask('delete', `${at}/${id}/remarks/${remarks[0].id}`, keeper).expect(204);
});

test('what goes onto something only its proposer sees is not approved, and it is said why', async () => {
  const below = { ...target, id: 'below', name: 'Wren’s ground' };
  await clubServer
    .ask('put', '/api/recipes/below', painter)
    .send({ content: below, revision: 0 })
    .expect(200);
  const content = better({ ground: { recipeId: 'below', version: null } });
  const id = idOf(await propose(content, null).expect(200));
  const { body } = await approve(id, 0).expect(409);
  expect(JSON.stringify(body)).toContain('no club recipe');
  // Her private records are not named to the manager who decides.
  expect(JSON.stringify(body)).not.toContain('Wren’s ground');
});

test('nobody proposes a version of a recipe that is a member’s', async () => {
  await clubServer
    .ask('put', '/api/recipes/of-wren', painter)
    .send({ content: better(), revision: 0 })
    .expect(200);
  await propose(better(), 'of-wren').expect(404);
  await propose(better(), 'nothing').expect(404);
  await clubServer
    .ask('post', at, painter)
    .send({ targetId: null, words: '', content: {} })
    .expect(400);
});
