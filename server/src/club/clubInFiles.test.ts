import { writeFileSync } from 'node:fs';
import type { Proposal, Recipe } from '@yellow-ledger/core';
import { newDatabaseFile } from '../db/testDatabase';
import { takeLargeFileIn } from '../files/importFile';
import { addDemo } from '../demo/addDemo';
import { testClub, type TestMember } from './testClub';

type TestClub = Awaited<ReturnType<typeof testClub>>;
interface ClubFile {
  minor: number;
  members: { id: string; name: string }[];
  proposals: Proposal[];
  claims: { memberId: string }[];
  loans: { toId: string; potId: string }[];
  brings: { memberId: string }[];
}

let clubServer: TestClub;
let ottoline: TestMember;
let wren: TestMember;
let recipe: Recipe;

beforeEach(async () => {
  clubServer = await testClub();
  await addDemo(clubServer.ledger);
  ottoline = await clubServer.member('Ottoline', 'keeper');
  wren = await clubServer.member('Wren', 'painter');
  recipe = (await clubServer.ledger.records.recipes.list())[0].content;
  const army = (await clubServer.ledger.records.armies.list())[0].content;
  const [pot] = await clubServer.ledger.records.pots.list();
  const proposing = { targetId: recipe.id, words: 'warmer', content: recipe };
  const { id } = (
    await clubServer.ask('post', '/api/club/proposals', wren).send(proposing).expect(200)
  ).body as { id: string };
  await clubServer
    .ask('post', `/api/club/proposals/${id}/remarks`, ottoline)
    .send({ stepId: null, words: 'good in the folds' })
    .expect(204);
  await clubServer
    .ask('put', '/api/club/claims', wren)
    .send({ armyId: army.id, unitId: army.units[0].id, models: [1, 2], is: 'taken' })
    .expect(204);
  await clubServer
    .ask('post', '/api/club/loans', ottoline)
    .send({ potId: pot.content.id, toId: wren.id })
    .expect(200);
  await clubServer
    .ask('put', '/api/club/brings', wren)
    .send({ armyId: army.id, potId: pot.content.id, is: 'brought' })
    .expect(204);
});
afterEach(() => clubServer.close());

const fileOf = async (from: TestClub, who: TestMember): Promise<ClubFile> =>
  JSON.parse((await from.ask('get', '/api/files/everything', who).expect(200)).text) as ClubFile;
const importInto = async (into: TestClub, who: TestMember, file: object) =>
  (await into.ask('post', '/api/files', who).send(file).expect(200)).body as { leftOut: string[] };

test('the file of everything holds who is a member, and what they proposed, claimed and lent', async () => {
  const file = await fileOf(clubServer, ottoline);
  expect(file.minor).toBe(8);
  expect(file.members.map(({ name }) => name).sort()).toEqual(['Ottoline', 'Wren']);
  expect(JSON.stringify(file.members)).not.toContain('passphrase');
  expect(file.proposals[0]).toMatchObject({
    words: 'warmer',
    memberId: wren.id,
    remarks: [{ words: 'good in the folds', memberId: ottoline.id }],
  });
  expect(file.claims).toHaveLength(2);
  expect(file.loans).toHaveLength(1);
  expect(file.brings).toHaveLength(1);
});

test('it comes back in another club, by name, and who is no member there is left out', async () => {
  const file = await fileOf(clubServer, ottoline);
  const other = await testClub();
  try {
    const keeper = await other.member('Hesper', 'keeper');
    const wrenThere = await other.member('Wren', 'painter');
    const { leftOut } = await importInto(other, keeper, file);
    expect(leftOut).toEqual([]);
    const back = await fileOf(other, keeper);
    expect(back.proposals[0]).toMatchObject({
      memberId: wrenThere.id,
      content: { name: recipe.name },
      // Ottoline is not a member here.
      remarks: [{ words: 'good in the folds', memberId: null }],
    });
    expect(new Set(back.claims.map(({ memberId }) => memberId))).toEqual(new Set([wrenThere.id]));
    expect(back.loans[0].toId).toBe(wrenThere.id);
    expect(back.brings[0].memberId).toBe(wrenThere.id);
    // A second time it changes nothing.
    await importInto(other, keeper, file);
    const again = await fileOf(other, keeper);
    for (const list of ['proposals', 'claims', 'loans', 'brings'] as const)
      expect(again[list]).toEqual(back[list]);
  } finally {
    await other.close();
  }
});

test('where nobody of them is a member, proposals come without a name and the rest is left out, and said', async () => {
  const file = await fileOf(clubServer, ottoline);
  const other = await testClub();
  try {
    const keeper = await other.member('Hesper', 'keeper');
    const { leftOut } = await importInto(other, keeper, file);
    expect(leftOut).toEqual([
      expect.stringMatching(/^2 of the claims on models, by people who are no members here/),
      expect.stringMatching(/^1 of the loans, to people who are no members here/),
      expect.stringMatching(/^1 of the pots to bring, by people who are no members here/),
    ]);
    const back = await fileOf(other, keeper);
    expect(back.proposals[0].memberId).toBeNull();
  } finally {
    await other.close();
  }
});

test('a painter brings in nothing that others proposed or lent', async () => {
  const file = await fileOf(clubServer, ottoline);
  const other = await testClub();
  try {
    const keeper = await other.member('Hesper', 'keeper');
    const painter = await other.member('Wren', 'painter');
    const { leftOut } = await importInto(other, painter, file);
    expect(leftOut).toEqual(['what the club proposed, claimed and lent: a manager imports that']);
    const back = await fileOf(other, keeper);
    expect(back.proposals).toEqual([]);
    expect(back.loans).toEqual([]);
  } finally {
    await other.close();
  }
});

test('what only I see of my own file names no other member', async () => {
  const own = JSON.parse(
    (await clubServer.ask('get', '/api/files/mine', wren).expect(200)).text,
  ) as ClubFile;
  for (const list of ['members', 'proposals', 'claims', 'loans', 'brings'] as const)
    expect(own[list]).toEqual([]);
});

test('an open proposal whose pots are not there is left out; a decided one is history and stays', async () => {
  const file = await fileOf(clubServer, ottoline);
  const [open] = file.proposals;
  const decided: Proposal = { ...open, id: 'decided', state: 'declined', remarks: [] };
  const drawn = { ...recipe, groundPotId: 'no-such-pot' };
  const other = await testClub();
  try {
    const keeper = await other.member('Hesper', 'keeper');
    const bare = {
      ...file,
      proposals: [
        { ...open, content: drawn },
        { ...decided, content: drawn },
      ],
    };
    const { leftOut } = await importInto(other, keeper, bare);
    expect(leftOut[0]).toBe('1 of the proposals, whose pots are not here');
    expect((await fileOf(other, keeper)).proposals.map(({ state }) => state)).toEqual(['declined']);
  } finally {
    await other.close();
  }
});

test('a large file, which is read apart first, brings the same in', async () => {
  const file = await fileOf(clubServer, ottoline);
  const other = await testClub();
  const path = newDatabaseFile();
  writeFileSync(path, JSON.stringify(file));
  try {
    const keeper = await other.member('Hesper', 'keeper');
    const wrenThere = await other.member('Wren', 'painter');
    const { leftOut } = await takeLargeFileIn({
      path,
      staging: `${path}-staging`,
      mayWrite: () => other.ledger,
      ownerId: keeper.id,
      read: other.db,
    });
    expect(leftOut).toEqual([]);
    const back = await fileOf(other, keeper);
    expect(back.proposals).toHaveLength(1);
    expect(back.loans[0].toId).toBe(wrenThere.id);
    expect(back.claims).toHaveLength(2);
  } finally {
    await other.close();
  }
});

test('a manager lends themselves nothing of another by a file', async () => {
  const [pot] = await clubServer.ledger.records.pots.list();
  const content = { ...pot.content, id: 'wrens' };
  await clubServer.ask('put', '/api/pots/wrens', wren).send({ content, revision: 0 }).expect(200);
  await clubServer
    .ask('put', '/api/club/owners/pots/wrens', wren)
    .send({ is: 'shared' })
    .expect(200);
  const { members } = await fileOf(clubServer, ottoline);
  const loan = {
    id: 'grab',
    potId: 'wrens',
    toId: ottoline.id,
    lentAt: '2026-12-01T18:00:00.000Z',
    backAt: null,
  };
  const file = { format: 'yellow-ledger', version: 3, minor: 8, pots: [], recipes: [] };
  const { leftOut } = await importInto(clubServer, ottoline, { ...file, members, loans: [loan] });
  expect(leftOut[0]).toMatch(/^1 of the loans/);
  await clubServer.ask('put', '/api/club/owners/pots/wrens', wren).send({ is: 'mine' }).expect(200);
  await clubServer.ask('get', '/api/pots/wrens', ottoline).expect(404);
});
