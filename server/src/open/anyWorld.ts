import {
  randomFrom,
  resourceNames,
  resources,
  writtenRecipe,
  type AnyRecord,
  type LogEntry,
  type ResourceName,
} from '@yellow-ledger/core';
import { pngBytes } from '../../../core/src/testing/pictureBytes';
import { testClub, type TestMember } from '../club/testClub';
import type { RecordStore } from '../db/recordStore';
import { sampleArmy } from '../demo/sampleArmy';
import { samplePots } from '../demo/samplePots';

/** So many records of each kind. */
const perKind = 5;
const at = '2026-11-30T18:00:00.000Z';

/** A record of a world, and what of it would give it away. */
export interface WorldRecord {
  kind: ResourceName;
  id: string;
  /** strings that stand in this record and nowhere else */
  marks: string[];
}

/** A club with records of everybody that name each other in every way, also past their rights. */
export interface World {
  clubServer: Awaited<ReturnType<typeof testClub>>;
  members: TestMember[];
  records: WorldRecord[];
  entryIds: string[];
  random: () => number;
  pick<Item>(list: readonly Item[]): Item;
  close(): Promise<void>;
}

/** @param seed of a world: the same one gives the same world */
export async function anyWorld(seed: number): Promise<World> {
  const random = randomFrom(seed);
  const pick = <Item>(list: readonly Item[]) => list[Math.floor(random() * list.length)];
  const clubServer = await testClub();
  const members = [
    await clubServer.member('Ottoline', 'keeper'),
    await clubServer.member('Barnaby', 'painter'),
    await clubServer.member('Wren', 'painter'),
    await clubServer.member('Marsh', 'guest'),
  ];
  const mark = (kind: string, n: number, of: string) => `${of}${kind}${n}q${seed}z`;
  const idOf = (kind: ResourceName, n: number) => mark(kind, n, 'id');
  const anyId = (kind: ResourceName) => idOf(kind, Math.floor(random() * perKind));
  const pinTo = (recipeId: string) => ({ recipeId, version: null });

  const pictures = new Map<string, string>();
  const makers: Record<ResourceName, (n: number, id: string, name: string) => Promise<AnyRecord>> =
    {
      pots: async (n, id, name) => ({
        ...samplePots[n],
        id,
        name,
        notes: `${name} notes`,
        volumeMl: 17 + n,
      }),
      recipes: async (n, id, name) => ({
        ...writtenRecipe({
          // Its lines are called by it, and a line tells nothing of its recipe.
          id: 'any',
          name,
          surface: 'cloth',
          groundPotId: anyId('pots'),
          finishLevel: 'table',
          areaCm2: 8,
          lines: [['base brushCoat', `2 ${anyId('pots')} + 1 ${anyId('pots')}`]],
          notes: `${name} notes`,
        }),
        id,
        // Only onto those that come before: nothing stands on itself.
        ...(n > 0 && random() < 0.5 && { ground: pinTo(idOf('recipes', n - 1)) }),
        ...(random() < 0.4 && {
          parent: {
            recipeId: idOf('recipes', (n + 1) % perKind),
            name: mark('recipes', (n + 1) % perKind, 'name'),
            version: 1,
          },
        }),
      }),
      palettes: async (_n, id, name) => ({
        id,
        name,
        keeping: 'open',
        wells: [
          {
            id: 'w',
            name: 'A well',
            pots: [{ potId: anyId('pots'), ml: 1 }],
            waterMl: 0,
            mediumMl: 0,
            freshAt: at,
          },
        ],
      }),
      armies: async (_n, id, name) => ({
        id,
        name,
        scheme: [{ surface: 'cloth', recipe: pinTo(anyId('recipes')) }],
        units: [{ ...sampleArmy.units[0], overs: [], own: [] }],
        notes: `${name} notes`,
      }),
      benches: async (_n, id, name) => ({
        id,
        name,
        startedAt: at,
        isCleared: false,
        armyId: anyId('armies'),
        models: [],
        room: 'usual',
        keeping: 'open',
        hairDryer: false,
      }),
      timetables: async (_n, id) => planOf(id, anyId('armies')),
      photographs: async (n, id, name) => {
        const bytes = pngBytes({ width: 8 + n, height: 8 });
        const kept = await clubServer.ledger.pictures.put(bytes);
        pictures.set(id, kept.hash);
        return {
          id,
          of:
            random() < 0.5
              ? { kind: 'recipe', recipeId: anyId('recipes') }
              : { kind: 'model', holderId: anyId('armies'), unitId: 'u', model: 1 },
          shows: 'after',
          caption: name,
          addedAt: at,
          picture: kept,
        };
      },
    };

  const records: WorldRecord[] = [];
  for (const kind of resourceNames) {
    const store = clubServer.ledger.records[kind] as unknown as RecordStore<AnyRecord>;
    for (let n = 0; n < perKind; n++) {
      const [id, name] = [idOf(kind, n), mark(kind, n, 'name')];
      await store.put(await makers[kind](n, id, name), 0);
      // Written over by another that names others: its earlier state is told to nobody who may not see it.
      if (resources[kind].hasHistory)
        await store.put(
          { ...(await makers[kind](n, id, name)), notes: `${name} again` } as AnyRecord,
          1,
        );
      const hash = pictures.get(id);
      records.push({ kind, id, marks: [id, name, ...(hash === undefined ? [] : [hash])] });
    }
  }
  for (const { kind, id } of records) {
    if (random() < 0.3) continue;
    const owner = pick(members);
    const openTo =
      random() < 0.25 ? [{ memberId: pick(members).id, mayWrite: random() < 0.5 }] : [];
    await clubServer.club.owners.set(kind, id, {
      memberId: owner.id,
      isShared: random() < 0.25,
      openTo: openTo.filter(({ memberId }) => memberId !== owner.id),
    });
  }
  for (let n = 0; n < perKind; n++)
    if (random() < 0.7)
      await clubServer.ledger.versions
        .freeze(idOf('recipes', n), 1, { note: 'first', revision: 2 })
        // One that stands on another as that is now is not frozen.
        .catch(() => undefined);
  if (random() < 0.5) await clubServer.club.loans.lend(anyId('pots'), pick(members).id);

  const entryIds: string[] = [];
  for (let n = 0; n < 8; n++) {
    const writer = pick(members);
    const holder = random() < 0.5 ? anyId('benches') : anyId('armies');
    const entry = anyCoat(`entry${n}q${seed}z`, holder, anyId, random);
    await clubServer.ledger.log.append([entry], {
      memberId: writer.id,
      name: writer.name,
      strikesAny: false,
    });
    entryIds.push(entry.id);
  }
  return {
    clubServer,
    members,
    records,
    entryIds,
    random,
    pick,
    close: () => clubServer.close(),
  };
}

/** A coat that names records of every kind. */
export function anyCoat(
  id: string,
  benchId: string,
  anyId: (kind: ResourceName) => string,
  random: () => number,
): LogEntry {
  const potId = anyId('pots');
  return {
    kind: 'coat',
    id,
    benchId,
    at,
    order: 0,
    where: {
      armyId: random() < 0.5 ? anyId('armies') : null,
      unitId: 'u',
      surfaceId: 's',
      models: [1],
    },
    recipeId: anyId('recipes'),
    recipeName: 'As it was painted',
    groundPotId: anyId('pots'),
    version: null,
    stepId: 'base',
    line: 1,
    stage: 'base',
    technique: 'brushCoat',
    placement: { from: 0, to: 1, softness: 0, pull: 'even' },
    coat: 1,
    brushed: { pots: [{ potId, share: 1 }], waterParts: 0, mediumParts: 0 },
    differs: [],
    minutes: 4,
    reckoned: 3,
    dryMinutes: 20,
    areaCm2: 10,
    used: [{ potId, ml: 0.5 }],
  };
}

function planOf(id: string, armyId: string): AnyRecord {
  const nothing = { handsOn: null, surface: null, body: null, minutes: null };
  const mark = '0'.repeat(16);
  return {
    id,
    armyId,
    madeAt: at,
    madeFrom: { army: mark, plan: mark, recipes: mark, pots: mark, figures: mark, painted: mark },
    isThrough: true,
    work: { runs: [], ahead: [], mixes: [], minutes: null, bound: nothing, left: 0, without: [] },
  };
}
