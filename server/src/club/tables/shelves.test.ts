import type { Army, Bring, Loan, Pot } from '@yellow-ledger/core';
import { addDemo } from '../../demo/addDemo';
import { samplePots } from '../../demo/samplePots';
import { testClub, type TestMember } from '../testClub';

let clubServer: Awaited<ReturnType<typeof testClub>>;
let wren: TestMember;
let sedge: TestMember;
let guest: TestMember;
let army: Army;
const own: Pot = { ...samplePots[0], id: 'of-wren' };

beforeEach(async () => {
  clubServer = await testClub();
  await addDemo(clubServer.ledger);
  wren = await clubServer.member('Wren', 'painter');
  sedge = await clubServer.member('Sedge', 'painter');
  guest = await clubServer.member('Marsh', 'guest');
  army = (await clubServer.ledger.records.armies.list())[0].content;
  await clubServer
    .ask('put', '/api/pots/of-wren', wren)
    .send({ content: own, revision: 0 })
    .expect(200);
});
afterEach(() => clubServer.close());

const lend = (potId: string, to: TestMember, who: TestMember) =>
  clubServer.ask('post', '/api/club/loans', who).send({ potId, toId: to.id });
const shelves = async (who: TestMember) =>
  (await clubServer.ask('get', '/api/club/shelves', who).expect(200)).body as {
    loans: Loan[];
    brings: Bring[];
  };
const back = (id: string, who: TestMember) =>
  clubServer.ask('put', `/api/club/loans/${id}/back`, who);

test('a pot is lent by whose it is, with the day, and given back by whoever has it', async () => {
  await lend('of-wren', sedge, sedge).expect(404);
  const { id } = (await lend('of-wren', sedge, wren).expect(200)).body as Loan;
  await lend('of-wren', guest, wren).expect(409);
  expect((await shelves(sedge)).loans).toMatchObject([{ potId: 'of-wren', toId: sedge.id }]);
  // Wren keeps the pot to herself: nobody else is told that it is lent.
  expect((await shelves(guest)).loans).toEqual([]);
  await back(id, guest).expect(404);
  await back(id, sedge).expect(204);
  expect((await shelves(wren)).loans[0].backAt).toMatch(/^20/);
  await lend('of-wren', guest, wren).expect(200);
});

test('the club’s pots are lent by painters and not by guests; what is not there is not lent', async () => {
  await lend(samplePots[1].id, sedge, guest).expect(403);
  await lend(samplePots[1].id, sedge, sedge).expect(200);
  await lend('nothing', sedge, wren).expect(404);
  await lend('of-wren', { ...sedge, id: 'nobody' }, wren).expect(404);
});

test('of a joint army everybody sees who brings what; the one who said so last brings it', async () => {
  const bring = (who: TestMember, is = 'brought') =>
    clubServer
      .ask('put', '/api/club/brings', who)
      .send({ armyId: army.id, potId: samplePots[0].id, is });
  await bring(guest).expect(403);
  await bring(wren).expect(204);
  await bring(sedge).expect(204);
  expect((await shelves(guest)).brings).toEqual([
    { armyId: army.id, potId: samplePots[0].id, memberId: sedge.id },
  ]);
  await bring(wren, 'left').expect(204);
  expect((await shelves(guest)).brings).toHaveLength(1);
  await bring(sedge, 'left').expect(204);
  expect((await shelves(guest)).brings).toEqual([]);
});
