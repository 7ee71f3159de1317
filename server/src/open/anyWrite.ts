import type { AnyRecord, ResourceName } from '@yellow-ledger/core';
import type { TestMember } from '../club/testClub';
import type { RecordStore } from '../db/recordStore';
import { anyCoat, type World } from './anyWorld';

/** Tries one write that somebody might try, by whatever way. @returns what it was */
export async function tryOne(world: World, who: TestMember, n: number): Promise<string> {
  const { clubServer, records, pick, random, entryIds } = world;
  const { kind, id } = pick(records);
  const storeFor = (of: ResourceName) =>
    clubServer.ledger.records[of] as unknown as RecordStore<AnyRecord>;
  /** A record as this member may see it: nobody sends what they cannot know. */
  const seenOf = async (of: ResourceName): Promise<AnyRecord | null> => {
    const asked = pick(records.filter((each) => each.kind === of)).id;
    const answer = await clubServer.ask('get', `/api/${of}/${asked}`, who);
    if (answer.status !== 200) return null;
    // Without the names: whoever writes their own words elsewhere tells nothing of another's.
    return JSON.parse(
      JSON.stringify((answer.body as { content: AnyRecord }).content).replace(
        /name[a-z]+\d+q\d+z/g,
        'tried',
      ),
    ) as AnyRecord;
  };
  const revisionOf = async (of: ResourceName, asked: string) =>
    (
      await storeFor(of)
        .get(asked)
        .catch(() => null)
    )?.revision ?? 0;
  const kept = await storeFor(kind)
    .get(id)
    .catch(() => null);
  const seen = await seenOf(kind);
  // Of a pot or recipe that is hidden only the identifier is known, from before it was.
  const content = seen && { ...seen, id };
  // A member who sees a photograph may upload its picture again; that is no leak, and would look like one.
  if (kind === 'photographs' && seen?.id !== id) return 'nothing';
  const revision = kept?.revision ?? 0;
  const anyId = (of: ResourceName) => pick(records.filter((each) => each.kind === of)).id;
  const file = (lists: object) =>
    clubServer
      .ask('post', '/api/files', who)
      .set('Content-Type', 'application/json')
      .send(
        JSON.stringify({
          format: 'yellow-ledger',
          version: 3,
          minor: 8,
          pots: [],
          recipes: [],
          ...lists,
        }),
      );
  const tries: [string, () => PromiseLike<unknown>][] = [
    [
      `PUT ${kind} ${id}`,
      () => clubServer.ask('put', `/api/${kind}/${id}`, who).send({ content, revision }),
    ],
    [
      `PUT an army or a bench under the identifier of the other`,
      async () => {
        const [made, taken] = pick([
          ['armies', 'benches'],
          ['benches', 'armies'],
        ] as const);
        const as = anyId(taken);
        return clubServer
          .ask('put', `/api/${made}/${as}`, who)
          .send({ content: { ...(await seenOf(made)), id: as }, revision: 0 });
      },
    ],
    [
      `DELETE ${kind} ${id}`,
      () => clubServer.ask('delete', `/api/${kind}/${id}?revision=${revision}`, who),
    ],
    [
      `POST log on any holder`,
      () =>
        clubServer.ask('post', '/api/log', who).send({
          entries: [
            anyCoat(`try${n}q`, random() < 0.5 ? anyId('benches') : anyId('armies'), anyId, random),
          ],
        }),
    ],
    [
      `POST log: a strike`,
      () =>
        clubServer.ask('post', '/api/log', who).send({
          entries: [strikeOf(`strike${n}q`, anyId('benches'), pick(entryIds))],
        }),
    ],
    [
      `POST a file with a record of ${kind} ${id}`,
      () => file({ [kind]: content ? [content] : [] }),
    ],
    [
      `POST a file with a coat`,
      () => file({ log: [anyCoat(`file${n}q`, anyId('benches'), anyId, random)] }),
    ],
    [
      `POST a file with a strike`,
      () => file({ log: [strikeOf(`filestrike${n}q`, anyId('benches'), pick(entryIds))] }),
    ],
    [
      `POST a file with what only a club has`,
      () => {
        const to = pick(world.members);
        const at = '2026-11-30T19:00:00.000Z';
        const [armyId, potId] = [anyId('armies'), anyId('pots')];
        return file({
          members: world.members.map((each) => ({
            id: each.id,
            name: each.name,
            role: 'guest',
            joinedAt: at,
          })),
          claims: [{ armyId, unitId: 'u', model: 1, memberId: to.id, at }],
          loans: [{ id: `loan${n}q`, potId, toId: to.id, lentAt: at, backAt: null }],
          brings: [{ armyId, potId, memberId: to.id }],
        });
      },
    ],
    [
      `PUT owners ${kind} ${id}`,
      () =>
        clubServer
          .ask('put', `/api/club/owners/${kind}/${id}`, who)
          .send({ is: pick(['club', 'mine', 'shared']), openTo: [] }),
    ],
    [
      `freeze recipes`,
      () =>
        clubServer
          .ask('put', `/api/recipes/${anyId('recipes')}/versions/${pick([1, 2])}`, who)
          .send({ note: 'mine now', revision: 1 }),
    ],
    [
      `replace in recipes`,
      async () => {
        const [recipe, of] = [await seenOf('recipes'), anyId('recipes')];
        const now = { ...recipe, id: of, notes: 'replaced' };
        return clubServer.ask('post', '/api/replacements', who).send({
          note: 'other',
          recipes: [{ content: now, revision: await revisionOf('recipes', of) }],
        });
      },
    ],
    [
      `pot batch`,
      async () => {
        const [pot, of] = [await seenOf('pots'), anyId('pots')];
        const write = {
          content: { ...pot, id: of, notes: 'batched' },
          revision: await revisionOf('pots', of),
        };
        return clubServer.ask('post', '/api/pot-batches', who).send({ writes: [write] });
      },
    ],
    [
      `PUT a recipe that draws from any pot`,
      async () => {
        const recipe = await seenOf('recipes');
        const drawing = { ...recipe, id: `drawing${n}q`, groundPotId: anyId('pots') };
        return clubServer
          .ask('put', `/api/recipes/drawing${n}q`, who)
          .send({ content: drawing, revision: 0 });
      },
    ],
    [
      `propose`,
      async () => {
        const recipe = await seenOf('recipes');
        const drawing = { ...recipe, id: `p${n}q`, groundPotId: anyId('pots') };
        return clubServer
          .ask('post', '/api/club/proposals', who)
          .send({ targetId: null, words: 'better', content: drawing });
      },
    ],
    [
      `lend`,
      () =>
        clubServer
          .ask('post', '/api/club/loans', who)
          .send({ potId: anyId('pots'), toId: pick(world.members).id }),
    ],
    [
      `claim models`,
      () =>
        clubServer
          .ask('put', '/api/club/claims', who)
          .send({ armyId: anyId('armies'), unitId: 'u', models: [1], is: 'taken' }),
    ],
    [
      `bring`,
      () =>
        clubServer
          .ask('put', '/api/club/brings', who)
          .send({ armyId: anyId('armies'), potId: anyId('pots'), is: 'brought' }),
    ],
  ];
  const [what, act] = pick(tries);
  const answer = (await act()) as { status?: number } | undefined;
  return `${what} → ${answer?.status ?? 'none'}`;
}

const strikeOf = (id: string, benchId: string, of: string) => ({
  kind: 'strike',
  id,
  benchId,
  at: '2026-11-30T19:00:00.000Z',
  order: 9,
  of,
});
