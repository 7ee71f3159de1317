import {
  fieldErrors,
  potIdsOf,
  sentenceOf,
  versionSchema,
  withKnownTakenIn,
  type Freeze,
  type Recipe,
  type Version,
  isSameContent,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { inParts, insertMany, valuesAtOnce } from '../db/inParts';
import { pagesOf } from '../db/pagesOf';
import { parsed, type RecordStore } from '../db/recordStore';
import { DamagedRecord, type Damaged, StaleWrite } from '../db/storeErrors';

interface VersionRow {
  recipe_id: string;
  number: number;
  frozen_at: string;
  note: string;
  content: string;
  more: string | null;
}

/** The recipe is what its last version is: there is nothing to freeze. */
export class NothingChanged extends Error {
  constructor(readonly number: number) {
    super(`nothing has changed since version ${number}`);
    this.name = 'NothingChanged';
  }
}

/** The ground of the recipe is not frozen itself: a version would change with it. */
export class GroundNotFrozen extends Error {
  constructor() {
    super('the ground of the recipe is no version');
    this.name = 'GroundNotFrozen';
  }
}

export interface VersionStore {
  /** oldest first */
  list(recipeId: string, within?: Knex.Transaction): Promise<Version[]>;
  /** every version of every recipe, oldest first */
  all(): Promise<Version[]>;
  /** the same, and what cannot be read, named so that it can be deleted */
  allWithDamaged(within?: Knex.Transaction): Promise<{ items: Version[]; damaged: Damaged[] }>;
  /**
   * Deletes a version nobody can read; one that can be is never deleted.
   *
   * @returns whether there was such a one
   */
  removeDamaged(recipeId: string, number: number, within?: Knex.Transaction): Promise<boolean>;
  /** every version that can be read, in the order they came in, so many at once */
  pages(size: number, within: Knex.Transaction): AsyncIterable<Version[]>;
  /**
   * Freezes a recipe as it is kept. Asked for twice with the same number, as after a lost answer,
   * the second finds its own work done.
   *
   * @throws StaleWrite when the recipe has moved on or is gone, or the number is not the next one;
   *   NothingChanged when it is what its last version is; GroundNotFrozen when it goes onto another
   *   recipe as that is now
   */
  freeze(
    recipeId: string,
    number: number,
    freeze: Freeze,
    within?: Knex.Transaction,
  ): Promise<Version>;
  /**
   * Takes versions in as they were frozen elsewhere. Those of a recipe that was here before stay out.
   *
   * @param newRecipes recipes that came in with them
   * @returns those that stayed out and say something else than what is here
   */
  restore(
    versions: readonly Version[],
    newRecipes: ReadonlySet<string>,
    within: Knex.Transaction,
  ): Promise<Version[]>;
}

export function versionStore(db: Knex, recipes: RecordStore<Recipe>): VersionStore {
  return {
    async list(recipeId, within) {
      const rows = await (within ?? db)<VersionRow>('versions')
        .where({ recipe_id: recipeId })
        .orderBy('number');
      return readableOf(rows);
    },

    async all() {
      const rows = await db<VersionRow>('versions').orderBy(['recipe_id', 'number']);
      return readableOf(rows);
    },

    async allWithDamaged(within) {
      return parted(await (within ?? db)<VersionRow>('versions').orderBy(['recipe_id', 'number']));
    },

    async removeDamaged(recipe_id, number, within) {
      const remove = async (transaction: Knex.Transaction) => {
        const row = await transaction<VersionRow>('versions').where({ recipe_id, number }).first();
        if (!row || parted([row]).damaged.length === 0) return false;
        for (const table of ['version_pots', 'versions'])
          await transaction(table).where({ recipe_id, number }).delete();
        return true;
      };
      return within ? remove(within) : db.transaction(remove);
    },

    async *pages(size, within) {
      for await (const rows of pagesOf<VersionRow>('versions', 'rowid', size, within))
        yield readableOf(rows);
    },

    freeze(recipeId, number, { note, revision }, within) {
      const write = async (transaction: Knex.Transaction): Promise<Version> => {
        const kept = await recipes.get(recipeId, transaction);
        const last = await transaction<VersionRow>('versions')
          .where({ recipe_id: recipeId })
          .orderBy('number', 'desc')
          .first();
        const lastVersion = last ? fromRow(last) : null;
        const isSame = kept !== null && isSameContent(lastVersion?.content, kept.content);
        if (lastVersion?.number === number && lastVersion.note === note && isSame)
          return lastVersion;
        if (kept?.revision !== revision || number !== (lastVersion?.number ?? 0) + 1)
          throw new StaleWrite(kept);
        if (kept.content.ground?.version === null) throw new GroundNotFrozen();
        if (lastVersion && isSame) throw new NothingChanged(lastVersion.number);
        const version: Version = {
          recipeId,
          number,
          note,
          frozenAt: new Date().toISOString(),
          content: kept.content,
        };
        await insert([version], transaction);
        return version;
      };
      return within ? write(within) : db.transaction(write);
    },

    async restore(versions, newRecipes, within) {
      const recipeIds = [...new Set(versions.map(({ recipeId }) => recipeId))];
      const recipesHere = new Set<string>();
      const here = new Map<string, VersionRow>();
      for (const part of inParts(recipeIds, valuesAtOnce)) {
        for (const id of await within('recipes').whereIn('id', part).pluck<string[]>('id'))
          recipesHere.add(id);
        for (const row of await within<VersionRow>('versions').whereIn('recipe_id', part))
          here.set(`${row.recipe_id} ${row.number}`, row);
      }
      const isHere = ({ recipeId, number }: Version) => here.has(`${recipeId} ${number}`);
      const isOut = (version: Version) =>
        isHere(version) || (recipesHere.has(version.recipeId) && !newRecipes.has(version.recipeId));
      await insert(
        versions.filter((version) => !isOut(version)),
        within,
      );
      return versions.filter((version) => {
        if (!isOut(version)) return false;
        const row = here.get(`${version.recipeId} ${version.number}`);
        return !row || !isSameContent(readableOf([row]).at(0), version);
      });
    },
  };
}

async function insert(versions: readonly Version[], within: Knex.Transaction): Promise<void> {
  await insertMany(within, 'versions', versions.map(toRow));
  await insertMany(
    within,
    'version_pots',
    versions.flatMap(({ recipeId, number, content }) =>
      potIdsOf(content).map((potId) => ({ recipe_id: recipeId, number, pot_id: potId })),
    ),
  );
}

function toRow({ recipeId, number, frozenAt, note, content, more }: Version): VersionRow {
  return {
    recipe_id: recipeId,
    number,
    frozen_at: frozenAt,
    note,
    content: JSON.stringify(content),
    more: more ? JSON.stringify(more) : null,
  };
}

/** Versions that can be read; one that cannot hides none of the others. */
const readableOf = (rows: readonly VersionRow[]): Version[] => parted(rows).items;

function parted(rows: readonly VersionRow[]): { items: Version[]; damaged: Damaged[] } {
  const items: Version[] = [];
  const damaged: Damaged[] = [];
  for (const row of rows)
    try {
      items.push(fromRow(row));
    } catch (error) {
      if (!(error instanceof DamagedRecord)) throw error;
      damaged.push({ id: error.id, revision: 0, reason: error.reason });
    }
  return { items, damaged };
}

function fromRow(row: VersionRow): Version {
  const stored = {
    recipeId: row.recipe_id,
    number: row.number,
    note: row.note,
    frozenAt: row.frozen_at,
    content: parsed(row.content),
    ...(row.more === null ? {} : { more: parsed(row.more) }),
  };
  const read = versionSchema.safeParse(stored);
  if (read.success) return withKnownTakenIn(read.data, versionSchema);
  const reason = fieldErrors(read.error, stored).map(sentenceOf).join(' ');
  throw new DamagedRecord('versions', `${row.recipe_id} ${row.number}`, reason);
}
