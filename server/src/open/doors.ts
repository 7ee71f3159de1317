import {
  may,
  referencesOf,
  resourceNames,
  resources,
  type LogEntry,
  type ResourceName,
  type Role,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { TestMember } from '../club/testClub';
import { newsFor } from '../club/events/newsFor';
import { newsStore } from '../club/events/newsStore';
import { tryOne } from './anyWrite';
import type { World, WorldRecord } from './anyWorld';
import { opaqueIdsOf } from './opaqueIds';
import { standingOf } from './standing';

const roles: readonly Role[] = ['keeper', 'painter', 'painter', 'guest'];

/** The parts of a world one member may not see now. */
async function hiddenFromMember(world: World, who: TestMember): Promise<WorldRecord[]> {
  const hidden: WorldRecord[] = [];
  for (const record of world.records) {
    const standing = await standingOf(record.kind, [record.id], who.id, world.clubServer.db);
    if (standing.get(record.id)?.relation === 'other') hidden.push(record);
  }
  return hidden;
}

/** Every address that is read, with every identifier there is. */
const readAddresses = (world: World): string[] => [
  ...resourceNames.map((kind) => `/api/${kind}`),
  ...world.records.map(({ kind, id }) => `/api/${kind}/${id}`),
  ...world.records.flatMap(({ kind, id }) =>
    resources[kind].hasHistory
      ? [`/api/${kind}/${id}/history`, `/api/${kind}/${id}/history/1`]
      : [],
  ),
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
  const { clubServer, members } = world;
  const opaque = await opaqueIdsOf(clubServer.db)();
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
      const answer = await clubServer.ask('get', path, who).buffer(true);
      const text = answer.text ?? JSON.stringify(answer.body);
      if (answer.status >= 500) leaks.push(`${who.name}: ${path}: ${answer.status}`);
      // Of a picture nothing stands in text: that it was answered at all tells.
      const isPicture = path.startsWith('/api/pictures/') && answer.status === 200;
      note(path, isPicture ? path : text);
    }
    const store = newsStore(clubServer.db);
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
async function storedIn({ clubServer: { db } }: World): Promise<Map<string, string>> {
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
  for (const row of (await db('loans')) as { id: string; pot_id: string }[])
    rows.set(`loan pots ${row.pot_id} ${row.id}`, JSON.stringify(row));
  for (const row of (await db('claims')) as { army_id: string; unit_id: string; model: number }[])
    rows.set(`claim armies ${row.army_id} ${row.unit_id} ${row.model}`, JSON.stringify(row));
  const used = (await db('used_paint').groupBy('pot_id').select('pot_id').sum({ ml: 'ml' })) as {
    pot_id: string;
    ml: number;
  }[];
  for (const { pot_id, ml } of used) rows.set(`used pots ${pot_id}`, String(ml));
  return rows;
}

/** The faults of an entry that was added: where it stands, and the entry it strikes out. */
async function wrongEntry(
  row: string,
  before: ReadonlyMap<string, string>,
  who: TestMember,
  role: Role,
  db: Knex,
  what: string,
): Promise<string[]> {
  const { content } = JSON.parse(row) as { content: string };
  const entry = JSON.parse(content) as LogEntry;
  const wrong: string[] = [];
  for (const { kinds, id } of referencesOf('log', entry))
    for (const kind of ['benches', 'armies'] as const) {
      if (!kinds.includes(kind)) continue;
      const relation = (await standingOf(kind, [id], who.id, db)).get(id)?.relation ?? 'club';
      if (!may(role, relation, 'write', 'benches'))
        wrong.push(`${who.name}: ${what}: an entry on ${kind} ${id} (${relation})`);
    }
  const struck = entry.kind === 'strike' ? before.get(`entry log ${entry.of}`) : undefined;
  if (struck !== undefined && role !== 'keeper') {
    const { member_id } = JSON.parse(struck) as { member_id: string | null };
    if (member_id !== null && member_id !== who.id)
      wrong.push(`${who.name}: ${what}: struck out what another noted`);
  }
  return wrong;
}

/** Writes tried by everybody. @returns what changed that was not theirs to change, and what failed */
export async function foreignChangesIn(world: World, tries: number): Promise<string[]> {
  const { clubServer, members } = world;
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
      standing.set(kind, await standingOf(kind, [...new Set(list)], who.id, clubServer.db));

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
          ? // Paint is given back by striking out, and by noting the same coat once more: one of both counts.
            relation !== 'other' ||
            what.includes('a strike') ||
            Number(after.get(key) ?? 0) < Number(before.get(key) ?? 0)
          : of === 'loan' || of === 'claim'
            ? may(role, relation, 'write', of === 'loan' ? 'pots' : 'benches')
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
      const row = after.get(key);
      if (of === 'entry' && isNew && row !== undefined)
        wrong.push(...(await wrongEntry(row, before, who, role, clubServer.db, what)));
    }
  }
  return wrong;
}
