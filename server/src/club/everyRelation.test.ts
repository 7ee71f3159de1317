import {
  belongsTo,
  may,
  relations,
  resourceNames,
  roleNames,
  type Action,
  type AnyRecord,
  type Relation,
  type ResourceName,
  type Role,
  type Timetable,
} from '@yellow-ledger/core';
import { addDemo } from '../demo/addDemo';
import type { RecordStore } from '../db/recordStore';
import { testClub, type TestMember } from './testClub';

let clubServer: Awaited<ReturnType<typeof testClub>>;
let members: Record<Role, TestMember>;
let other: TestMember;
/** One record of each kind, of the sample. */
const examples = new Map<ResourceName, AnyRecord>();
const existing = ['mine', 'club', 'shared', 'other'] as const;

const storeOf = (kind: ResourceName) =>
  clubServer.ledger.records[kind] as unknown as RecordStore<AnyRecord>;

beforeAll(async () => {
  clubServer = await testClub();
  await addDemo(clubServer.ledger);
  members = {
    keeper: await clubServer.member('A manager', 'keeper'),
    painter: await clubServer.member('A painter', 'painter'),
    guest: await clubServer.member('A guest', 'guest'),
  };
  other = await clubServer.member('Another', 'painter');
  const [army] = await clubServer.ledger.records.armies.list();
  examples.set('palettes', { id: 'wet', name: 'Wet', keeping: 'open', wells: [] });
  examples.set('timetables', planOfNothing(army.content.id));
  for (const kind of resourceNames) {
    const [kept] = await storeOf(kind).list();
    if (kept) examples.set(kind, kept.content);
  }
});
afterAll(() => clubServer.close());

const planOfNothing = (armyId: string): Timetable => {
  const nothing = { handsOn: null, surface: null, body: null, minutes: null };
  const mark = '0'.repeat(16);
  return {
    id: 'plan',
    armyId,
    madeAt: '2026-11-27T18:00:00.000Z',
    madeFrom: { army: mark, plan: mark, recipes: mark, pots: mark, figures: mark, painted: mark },
    isThrough: true,
    work: { runs: [], ahead: [], mixes: [], minutes: null, bound: nothing, left: 0, without: [] },
  };
};

/** A record of a kind that stands to a member as it is asked. */
async function recordThat(kind: ResourceName, relation: Relation, role: Role) {
  const example = examples.get(kind);
  if (!example) throw new Error(`the sample has no ${kind}`);
  const content = { ...example, id: `${kind}-${relation}-${role}-${Math.random()}`.slice(0, 60) };
  const id = content.id.replace('0.', '');
  if (relation === 'none') return { ...content, id };
  await storeOf(kind).put({ ...content, id }, 0);
  if (relation === 'mine')
    await clubServer.club.owners.set(kind, id, { memberId: members[role].id, isShared: false });
  if (relation === 'shared' || relation === 'other')
    await clubServer.club.owners.set(kind, id, {
      memberId: other.id,
      isShared: relation === 'shared',
    });
  return { ...content, id };
}

const isIn = (body: unknown, id: string) =>
  (body as { items: { content: { id: string } }[] }).items.some(({ content }) => content.id === id);

const cases = resourceNames.flatMap((kind) => roleNames.map((role) => ({ kind, role })));

test.each(cases)('$kind, $role: as the table says, of whosever it is', async ({ kind, role }) => {
  const who = members[role];
  const wrong: string[] = [];
  const answer = (what: string, action: Action, relation: Relation, status: number) => {
    const isDone = status < 300;
    // A record without an owner is created as one's own; one of the club's army is the club's.
    const isGranted =
      relation === 'none' ? may(role, 'mine', 'create', kind) : may(role, relation, action, kind);
    const isSeen = relation === 'none' || may(role, relation, 'look', kind);
    // A member who may do it to nothing of the kind is told so, for any record.
    const isAnybodys = relations.every((each) => !may(role, each, action, kind));
    const refusal = isSeen || isAnybodys ? 403 : 404;
    if (isDone !== isGranted) wrong.push(`${what} ${relation}: ${status}`);
    if (!isGranted && status !== refusal)
      wrong.push(`${what} ${relation}: ${status}, not ${refusal}`);
  };
  for (const relation of existing) {
    const record = await recordThat(kind, relation, role);
    const at = `/api/${kind}/${record.id}`;
    answer('GET', 'look', relation, (await clubServer.ask('get', at, who)).status);
    const { body } = await clubServer.ask('get', `/api/${kind}`, who);
    if (isIn(body, record.id) !== may(role, relation, 'look', kind))
      wrong.push(`listed ${relation}`);
    const put = await clubServer.ask('put', at, who).send({ content: record, revision: 1 });
    answer('PUT', 'write', relation, put.status);
    const { revision } = (await storeOf(kind).get(record.id)) ?? { revision: 0 };
    answer(
      'DELETE',
      'delete',
      relation,
      (await clubServer.ask('delete', `${at}?revision=${revision}`, who)).status,
    );
  }
  const fresh = await recordThat(kind, 'none', role);
  const made = await clubServer
    .ask('put', `/api/${kind}/${fresh.id}`, who)
    .send({ content: fresh, revision: 0 });
  answer('PUT', 'create', 'none', made.status);
  if (made.status === 200) {
    const { owner } = await clubServer.club.owners.of(kind, fresh.id);
    // Records of an army or a recipe of the club are the club’s.
    expect(owner?.memberId ?? null).toBe(belongsTo(kind, fresh).length > 0 ? null : who.id);
  }
  expect(wrong).toEqual([]);
});
