import {
  may,
  resourceNames,
  type AnyRecord,
  type ResourceName,
  type Role,
} from '@yellow-ledger/core';
import type { TestMember } from '../club/testClub';
import type { RecordStore } from '../db/recordStore';
import { newsFor } from '../club/events/newsFor';
import { newsStore } from '../club/events/newsStore';
import { anyCoat, type World, type WorldRecord } from './anyWorld';
import { opaqueIdsOf } from './opaqueIds';
import { standingOf } from './standing';

const roles: readonly Role[] = ['keeper', 'painter', 'painter', 'guest'];

/** What one member may not see of a world now. */
async function hiddenFromMember(world: World, who: TestMember): Promise<WorldRecord[]> {
  const hidden: WorldRecord[] = [];
  for (const record of world.records) {
    const standing = await standingOf(record.kind, [record.id], who.id, world.house.db);
    if (standing.get(record.id)?.relation === 'other') hidden.push(record);
  }
  return hidden;
}

/** Every address that is read, with every identifier there is. */
const readAddresses = (world: World): string[] => [
  ...resourceNames.map((kind) => `/api/${kind}`),
  ...world.records.map(({ kind, id }) => `/api/${kind}/${id}`),
  ...world.records.flatMap(({ kind, id, marks }) =>
    kind === 'recipes'
      ? [`/api/recipes/${id}/versions`, `/api/files/recipes/${id}`]
      : kind === 'photographs'
        ? [`/api/pictures/${marks[2]}`]
        : [],
  ),
  '/api/versions',
  '/api/log',
  '/api/files/recipes',
  '/api/files/shelf',
  '/api/files/mine',
  '/api/files/everything',
  '/api/backups',
  ...[
    'owners',
    'claims',
    'shelves',
    'proposals',
    'members',
    'devices',
    'trail',
    'trail.csv',
    'me',
  ].map((name) => `/api/club/${name}`),
];

/** @returns what was told to somebody who may not see it */
export async function leaksIn(world: World): Promise<string[]> {
  const { house, members } = world;
  const opaque = await opaqueIdsOf(house.db)();
  const leaks: string[] = [];
  for (const [index, who] of members.entries()) {
    const hidden = await hiddenFromMember(world, who);
    const note = (door: string, text: string) => {
      for (const { kind, id, marks } of hidden)
        // A mistake of ours is one too: what failed told nothing, and was not tried.
        if (marks.some((mark) => text.includes(mark)))
          leaks.push(`${who.name}: ${door}: ${kind} ${id}`);
    };
    for (const path of readAddresses(world)) {
      const answer = await house.ask('get', path, who).buffer(true);
      const text = answer.text ?? JSON.stringify(answer.body);
      if (answer.status >= 500) leaks.push(`${who.name}: ${path}: ${answer.status}`);
      // Of a picture nothing stands in text: that it was answered at all tells.
      const isPicture = path.startsWith('/api/pictures/') && answer.status === 200;
      note(path, isPicture ? path : text);
    }
    const store = newsStore(house.db);
    for (let told = { change: 0, entry: 0 }; ;) {
      const news = await store.after(told);
      note('the event stream', newsFor(news, { id: who.id, role: roles[index] }, opaque));
      const last = news.changes.at(-1)?.number ?? told.change;
      const entry = news.entries.at(-1)?.sequence ?? told.entry;
      if (last === told.change && entry === told.entry) break;
      told = { change: last, entry };
    }
  }
  return leaks;
}

/** Everything that is stored, row by row, by a name for each row. */
async function storedIn({ house: { db } }: World): Promise<Map<string, string>> {
  const rows = new Map<string, string>();
  for (const kind of resourceNames)
    for (const row of (await db(kind).select('id', 'revision', 'content')) as { id: string }[])
      rows.set(`record ${kind} ${row.id}`, JSON.stringify(row));
  for (const table of ['owners', 'grants'])
    for (const row of (await db(table)) as { kind: string; id: string; member_id: string }[]) {
      const key = `${table} ${row.kind} ${row.id}${table === 'grants' ? ` ${row.member_id}` : ''}`;
      rows.set(key, JSON.stringify(row));
    }
  for (const row of (await db('versions')) as { recipe_id: string; number: number }[])
    rows.set(`version recipes ${row.recipe_id} ${row.number}`, JSON.stringify(row));
  for (const row of (await db('log_entries')) as { id: string }[])
    rows.set(`entry log ${row.id}`, JSON.stringify(row));
  const used = (await db('used_paint').groupBy('pot_id').select('pot_id').sum({ ml: 'ml' })) as {
    pot_id: string;
    ml: number;
  }[];
  for (const { pot_id, ml } of used) rows.set(`used pots ${pot_id}`, String(ml));
  return rows;
}

/** Tries one write that somebody might try, by whatever way. @returns what it was */
async function tryOne(world: World, who: TestMember, n: number): Promise<string> {
  const { house, records, pick, random, entryIds } = world;
  const { kind, id } = pick(records);
  const storeFor = (of: ResourceName) =>
    house.ledger.records[of] as unknown as RecordStore<AnyRecord>;
  /** A record as this member may see it: nobody sends what they cannot know. */
  const seenOf = async (of: ResourceName): Promise<AnyRecord | null> => {
    const asked = pick(records.filter((each) => each.kind === of)).id;
    const answer = await house.ask('get', `/api/${of}/${asked}`, who);
    return answer.status === 200 ? (answer.body as { content: AnyRecord }).content : null;
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
  const revision = kept?.revision ?? 0;
  const anyId = (of: ResourceName) => pick(records.filter((each) => each.kind === of)).id;
  const file = (lists: object) =>
    house
      .ask('post', '/api/files', who)
      .set('Content-Type', 'application/json')
      .send(
        JSON.stringify({
          format: 'yellow-ledger',
          version: 3,
          minor: 7,
          pots: [],
          recipes: [],
          ...lists,
        }),
      );
  const tries: [string, () => PromiseLike<unknown>][] = [
    [
      `PUT ${kind} ${id}`,
      () => house.ask('put', `/api/${kind}/${id}`, who).send({ content, revision }),
    ],
    [
      `PUT an army or a bench under the identifier of the other`,
      async () => {
        const [made, taken] = pick([
          ['armies', 'benches'],
          ['benches', 'armies'],
        ] as const);
        const as = anyId(taken);
        return house
          .ask('put', `/api/${made}/${as}`, who)
          .send({ content: { ...(await seenOf(made)), id: as }, revision: 0 });
      },
    ],
    [
      `DELETE ${kind} ${id}`,
      () => house.ask('delete', `/api/${kind}/${id}?revision=${revision}`, who),
    ],
    [
      `POST log on any holder`,
      () =>
        house.ask('post', '/api/log', who).send({
          entries: [
            anyCoat(`try${n}q`, random() < 0.5 ? anyId('benches') : anyId('armies'), anyId, random),
          ],
        }),
    ],
    [
      `POST log: a strike`,
      () =>
        house.ask('post', '/api/log', who).send({
          entries: [strikeOf(`strike${n}q`, anyId('benches'), pick(entryIds))],
        }),
    ],
    [
      `POST a file with a record of ${kind} ${id}`,
      () => file({ [kind]: content ? [content] : [] }),
    ],
    [
      `POST a file with a log`,
      () =>
        file({
          log: [
            anyCoat(`file${n}q`, anyId('benches'), anyId, random),
            strikeOf(`filestrike${n}q`, anyId('benches'), pick(entryIds)),
          ],
        }),
    ],
    [
      `PUT owners ${kind} ${id}`,
      () =>
        house
          .ask('put', `/api/club/owners/${kind}/${id}`, who)
          .send({ is: pick(['club', 'mine', 'shared']), openTo: [] }),
    ],
    [
      `freeze recipes`,
      () =>
        house
          .ask('put', `/api/recipes/${anyId('recipes')}/versions/${pick([1, 2])}`, who)
          .send({ note: 'mine now', revision: 1 }),
    ],
    [
      `replace in recipes`,
      async () => {
        const [recipe, of] = [await seenOf('recipes'), anyId('recipes')];
        const now = { ...recipe, id: of, notes: 'replaced' };
        return house.ask('post', '/api/replacements', who).send({
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
        return house.ask('post', '/api/pot-batches', who).send({ writes: [write] });
      },
    ],
    [
      `PUT a recipe that draws from any pot`,
      async () => {
        const recipe = await seenOf('recipes');
        const drawing = { ...recipe, id: `drawing${n}q`, groundPotId: anyId('pots') };
        return house
          .ask('put', `/api/recipes/drawing${n}q`, who)
          .send({ content: drawing, revision: 0 });
      },
    ],
    [
      `propose`,
      async () => {
        const recipe = await seenOf('recipes');
        const drawing = { ...recipe, id: `p${n}q`, groundPotId: anyId('pots') };
        return house
          .ask('post', '/api/club/proposals', who)
          .send({ targetId: null, words: 'better', content: drawing });
      },
    ],
    [
      `lend`,
      () =>
        house
          .ask('post', '/api/club/loans', who)
          .send({ potId: anyId('pots'), toId: pick(world.members).id }),
    ],
    [
      `claim models`,
      () =>
        house
          .ask('put', '/api/club/claims', who)
          .send({ armyId: anyId('armies'), unitId: 'u', models: [1], is: 'taken' }),
    ],
    [
      `bring`,
      () =>
        house
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

const lessUsed = (
  before: ReadonlyMap<string, string>,
  after: ReadonlyMap<string, string>,
  key: string,
) => Number(after.get(key) ?? 0) < Number(before.get(key) ?? 0);

/** Writes tried by everybody. @returns what changed that was not theirs to change, and what failed */
export async function foreignChangesIn(world: World, tries: number): Promise<string[]> {
  const { house, members } = world;
  const wrong: string[] = [];
  for (let n = 0; n < tries; n++) {
    const index = Math.floor(world.random() * members.length);
    const who = members[index];
    const role = roles[index];
    const ids = new Map<ResourceName, string[]>();
    const before = await storedIn(world);
    for (const key of before.keys()) {
      const [, kind, id] = key.split(' ') as [string, ResourceName, string];
      if (resourceNames.includes(kind)) ids.set(kind, [...(ids.get(kind) ?? []), id]);
    }
    const standing = new Map<string, Awaited<ReturnType<typeof standingOf>>>();
    for (const [kind, list] of ids)
      standing.set(kind, await standingOf(kind, [...new Set(list)], who.id, house.db));

    const what = await tryOne(world, who, n);
    if (/ → 5\d\d$/.test(what)) wrong.push(`${who.name}: ${what}`);
    const after = await storedIn(world);
    for (const key of new Set([...before.keys(), ...after.keys()])) {
      if (before.get(key) === after.get(key)) continue;
      const [of, kind, id] = key.split(' ') as [string, ResourceName, string];
      const relation = standing.get(kind)?.get(id)?.relation;
      const isNew = !before.has(key);
      const isAllowed =
        relation === undefined ||
        (of === 'used'
          ? // Whoever strikes out what they noted themselves gives back what it took.
            relation !== 'other' || (/strike|a log/.test(what) && lessUsed(before, after, key))
          : of === 'version'
            ? isNew && may(role, relation, 'create', 'versions')
            : of === 'record'
              ? may(role, relation, after.has(key) ? 'write' : 'delete', kind)
              : of === 'entry'
                ? isNew
                : relation === 'mine' ||
                  (relation === 'club' && may(role, 'club', 'delete', kind)));
      // An entry is never changed; one that is there stays as it is.
      const isEntryChanged = of === 'entry' && !isNew;
      if (!isAllowed || isEntryChanged) wrong.push(`${who.name}: ${what}: ${key} (${relation})`);
    }
  }
  return wrong;
}
