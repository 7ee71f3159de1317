import {
  isOpaqueId,
  may,
  type AnyRecord,
  type Kept,
  type Photograph,
  type Pot,
  type Recipe,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';
import { readableOnly, type RecordStore } from '../db/recordStore';
import { StaleWrite } from '../db/storeErrors';
import { exportAll } from '../files/exportAll';
import { notFound } from '../http/problem';
import type { OwnPictures } from '../pictures/ownPictures';
import { putPotsInto } from '../pots/putPots';
import { replaceInRecipes } from '../replacements/replaceInRecipes';
import type { Asker } from './asker';
import { chosenFor } from './chosenFor';
import type { OpenLedger, OpenRecords } from './openLedger';
import type { OpaqueId } from './opaqueIds';
import { openLog } from './openLog';
import { Permissions } from './permissions';
import { shadowedPots, shadows } from './shadows';
import { Sight } from './sight';
import { isUsedByOthers } from './usedByOthers';

/**
 * A ledger as it is open to a member of a club. Every write is one transaction with the questions
 * whether it is allowed.
 */
export function openToMember(
  ledger: Ledger,
  asker: Asker,
  opaque: OpaqueId,
  ownPictures: OwnPictures,
): OpenLedger {
  const { db, versions, pictures } = ledger;
  const sightOf = (from: Knex | Knex.Transaction) =>
    new Sight(asker.memberId, opaque, from, may(asker.role, 'club', 'look', 'proposals'));
  const storeOf = <Content extends AnyRecord>(kind: ResourceName) =>
    ledger.records[kind] as unknown as RecordStore<Content>;

  async function shownKept<Content extends AnyRecord>(
    kind: ResourceName,
    kept: Kept<Content>,
    sight: Sight,
  ): Promise<Kept<Content>> {
    const content = await sight.shown(kind, kept.content);
    return content === kept.content ? kept : { ...kept, content };
  }

  const stored = async (kind: ResourceName, id: string, within: Knex.Transaction) =>
    (await readableOnly(storeOf<AnyRecord>(kind).get(id, within)))?.content ?? null;

  /** Writes one, with the transaction in hand. */
  async function write<Content extends AnyRecord>(
    kind: ResourceName,
    content: Content,
    within: Knex.Transaction,
    put: (real: Content) => Promise<Kept<Content>>,
  ): Promise<Kept<Content>> {
    await new Permissions(asker, within).beforeWriting(kind, content, within);
    const sight = sightOf(within);
    const before = await stored(kind, content.id, within);
    const real = await sight.written(kind, content, before, () => shadowedPots(sight, within));
    return shownKept(kind, await put(real), sight);
  }

  /** The record in the answer to a stale write is shown as any other is. */
  async function shownIfStale<Answer>(kind: ResourceName, work: Promise<Answer>): Promise<Answer> {
    try {
      return await work;
    } catch (error) {
      if (!(error instanceof StaleWrite) || !error.current) throw error;
      throw new StaleWrite(await shownKept(kind, error.current as Kept<AnyRecord>, sightOf(db)));
    }
  }

  function records<Content extends AnyRecord>(kind: ResourceName): OpenRecords<Content> {
    const store = storeOf<Content>(kind);
    return {
      async listWithDamaged() {
        const sight = sightOf(db);
        const hidden = await sight.hiddenOf(kind);
        const { items, damaged } = await store.listWithDamaged();
        const seen = items.filter(({ content }) => !hidden.has(content.id));
        const shown = await sight.shownAll(
          kind,
          seen.map(({ content }) => content),
        );
        const shadowed = kind === 'pots' ? await shadows(sight, ledger.records.pots, db) : [];
        return {
          items: [
            ...seen.map((kept, index) =>
              shown[index] === kept.content ? kept : { ...kept, content: shown[index] },
            ),
            ...(shadowed as Kept<AnyRecord>[] as Kept<Content>[]),
          ],
          damaged: damaged.filter(({ id }) => !hidden.has(id)),
        };
      },

      async get(id) {
        const sight = sightOf(db);
        if (kind === 'pots' && isOpaqueId(id)) {
          const all = await shadows(sight, ledger.records.pots, db);
          const found = all.find(({ content }) => content.id === id);
          if (!found) throw notFound('pot');
          return found as Kept<AnyRecord> as Kept<Content>;
        }
        await new Permissions(asker, db).refuse('look', kind, id);
        const kept = await store.get(id);
        return kept && shownKept(kind, kept, sight);
      },

      put: (content, revision) =>
        shownIfStale(
          kind,
          db.transaction((within) =>
            write(kind, content, within, (real) => store.put(real, revision, within)),
          ),
        ),

      remove: (id, revision) =>
        shownIfStale(
          kind,
          db.transaction(async (within) => {
            await new Permissions(asker, within).refuse('delete', kind, id);
            if (await isUsedByOthers(kind, id, asker.memberId, within))
              asker.refuseUnlessConfirmed();
            await store.remove(id, revision, within);
          }),
        ),

      async moments(id) {
        await new Permissions(asker, db).refuse('look', kind, id);
        return store.moments(id);
      },

      async former(id, revision) {
        await new Permissions(asker, db).refuse('look', kind, id);
        const kept = await store.former(id, revision);
        return kept && shownKept(kind, kept, sightOf(db));
      },
    };
  }

  return {
    records,

    putPots: (writes) =>
      db.transaction((within) =>
        putPotsInto(
          {
            put: (content: Pot, revision) =>
              write<Pot>('pots', content, within, (real) =>
                ledger.records.pots.put(real, revision, within),
              ),
          },
          writes,
          within,
        ),
      ),

    replaceInRecipes: (replacement) =>
      shownIfStale(
        'recipes',
        db.transaction(async (within) => {
          const written: Kept<Recipe>[] = [];
          for (const { content, revision } of replacement.recipes)
            written.push(
              await write<Recipe>('recipes', content, within, async (real) => {
                const one = { note: replacement.note, recipes: [{ content: real, revision }] };
                return (await replaceInRecipes(one, ledger, within))[0];
              }),
            );
          return written;
        }),
      ),

    versions: {
      async all() {
        const sight = sightOf(db);
        const hidden = await sight.hiddenOf('recipes');
        const { items, damaged } = await versions.allWithDamaged();
        const seen = items.filter(({ recipeId }) => !hidden.has(recipeId));
        return {
          items: await sight.shownAll('versions', seen),
          damaged: damaged.filter(({ id }) => !hidden.has(id.split(' ')[0])),
        };
      },
      async of(recipeId) {
        await new Permissions(asker, db).refuse('look', 'recipes', recipeId, 'versions');
        return sightOf(db).shownAll('versions', await versions.list(recipeId));
      },
      freeze: (recipeId, number, freeze) =>
        shownIfStale(
          'recipes',
          db.transaction(async (within) => {
            await new Permissions(asker, within).refuse('create', 'recipes', recipeId, 'versions');
            const frozen = await versions.freeze(recipeId, number, freeze, within);
            return sightOf(within).shown('versions', frozen);
          }),
        ),
      removeDamaged: (recipeId, number) =>
        db.transaction(async (within) => {
          await new Permissions(asker, within).refuse('delete', 'recipes', recipeId, 'versions');
          return versions.removeDamaged(recipeId, number, within);
        }),
    },

    log: openLog(ledger, asker, sightOf),

    pictures: {
      async put(bytes) {
        const kept = await pictures.put(bytes);
        ownPictures.add(kept.hash, asker.memberId);
        return kept;
      },
      async read(hash) {
        const naming = await db<{ id: string; content: string }>('photographs')
          .whereRaw(`json_valid(content) and json_extract(content, '$.picture.hash') = ?`, [hash])
          .pluck<string[]>('id');
        const hidden = await sightOf(db).hiddenAmong('photographs', naming);
        const isShown = naming.some((id) => !hidden.has(id));
        return isShown || ownPictures.has(hash, asker.memberId) ? pictures.read(hash) : null;
      },
    },

    async photographsOf(recipeId) {
      const { items } = await records<Photograph>('photographs').listWithDamaged();
      return items
        .map(({ content }) => content)
        .filter(({ of }) => of.kind === 'recipe' && of.recipeId === recipeId);
    },

    wholeFile: async (isOwn, within) =>
      exportAll(ledger, within, await chosenFor(asker, isOwn, sightOf(within), ledger, within)),

    ownerId: asker.memberId,
  };
}
