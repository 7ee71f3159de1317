import type { Army, Claim } from '@yellow-ledger/core';
import { addDemo } from '../../demo/addDemo';
import { ClubClock } from '../clubClock';
import { testClub, type TestMember } from '../testClub';

let clubServer: Awaited<ReturnType<typeof testClub>>;
let wren: TestMember;
let sedge: TestMember;
let guest: TestMember;
let army: Army;
let time: number;

beforeEach(async () => {
  time = Date.parse('2026-11-30T18:00:00.000Z');
  clubServer = await testClub(undefined, new ClubClock(0, () => time));
  await addDemo(clubServer.ledger);
  wren = await clubServer.member('Wren', 'painter');
  sedge = await clubServer.member('Sedge', 'painter');
  guest = await clubServer.member('Marsh', 'guest');
  army = (await clubServer.ledger.records.armies.list())[0].content;
});
afterEach(() => clubServer.close());

const claim = (who: TestMember, models: number[], over: object = {}) =>
  clubServer
    .ask('put', '/api/club/claims', who)
    .send({ armyId: army.id, unitId: army.units[0].id, models, is: 'taken', ...over });
const list = async (who = guest) =>
  ((await clubServer.ask('get', '/api/club/claims', who).expect(200)).body as { items: Claim[] })
    .items;

test('of two who take up the same model the second is told who has it, and has nothing of it', async () => {
  await claim(wren, [1, 2, 3]).expect(204);
  const { body } = await claim(sedge, [3, 4]).expect(409);
  expect((body as { error: { message: string } }).error.message).toContain(
    'Wren is painting model 3',
  );
  expect((await list()).map(({ model, memberId }) => [model, memberId])).toEqual(
    [1, 2, 3].map((model) => [model, wren.id]),
  );
  await claim(sedge, [3, 4], { evenIfTaken: true }).expect(204);
  expect((await list()).filter(({ memberId }) => memberId === sedge.id)).toHaveLength(2);
});

test('of two who press at once one is told', async () => {
  const answers = await Promise.all([claim(wren, [5]), claim(sedge, [5])]);
  expect(answers.map(({ status }) => status).sort()).toEqual([204, 409]);
});

test('somebody lets go of what is theirs, and of nothing else', async () => {
  await claim(wren, [1, 2]).expect(204);
  await claim(sedge, [1, 2], { is: 'let go' }).expect(204);
  expect(await list()).toHaveLength(2);
  await claim(wren, [1], { is: 'let go' }).expect(204);
  expect((await list()).map(({ model }) => model)).toEqual([2]);
});

test('guests take up nothing; of an army one does not see nothing is told or taken', async () => {
  await claim(guest, [1]).expect(403);
  await claim(wren, [1]).expect(204);
  await clubServer.club.owners.set('armies', army.id, { memberId: wren.id, isShared: false });
  await claim(sedge, [2]).expect(404);
  expect(await list(sedge)).toEqual([]);
  await claim(wren, [2], { armyId: 'nothing' }).expect(404);
  await claim(wren, []).expect(400);
  await claim(wren, [0]).expect(400);
});

test('who goes lets go of everything', async () => {
  await clubServer.member('Ottoline', 'keeper');
  await claim(wren, [1]).expect(204);
  await clubServer.ask('delete', `/api/club/members/${wren.id}`, wren).expect(204);
  expect(await list(sedge)).toEqual([]);
});

test('what somebody took up two weeks ago is anybody’s again', async () => {
  await claim(wren, [1, 2]).expect(204);
  time += 13 * 24 * 3_600_000;
  expect(await list()).toHaveLength(2);
  time += 2 * 24 * 3_600_000;
  expect(await list()).toEqual([]);
  await claim(sedge, [1]).expect(204);
  expect((await list()).map(({ memberId }) => memberId)).toEqual([sedge.id]);
});
