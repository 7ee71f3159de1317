import { isDeepStrictEqual } from 'node:util';
import {
  fieldErrors,
  potIdsOf,
  sentenceOf,
  versionSchema,
  type Freeze,
  type Recipe,
  type Version,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { DamagedRecord, StaleWrite, type RecordStore } from '../db/recordStore';

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

export interface VersionStore {
  /** oldest first */
  list(recipeId: string, within?: Knex.Transaction): Promise<Version[]>;
  /** every version of every recipe, oldest first */
  all(): Promise<Version[]>;
  /**
   * Freezes a recipe as it is kept. Asked for twice with the same number, as after a lost answer,
   * the second finds its own work done.
   *
   * @throws StaleWrite when the recipe has moved on or is gone, or the number is not the next one;
   *   NothingChanged when it is what its last version is
   */
  freeze(
    recipeId: string,
    number: number,
    freeze: Freeze,
    within?: Knex.Transaction,
  ): Promise<Version>;
  /** Takes a version in as it was frozen elsewhere. One that is here already stays as it is. */
  restore(version: Version, within: Knex.Transaction): Promise<void>;
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

    freeze(recipeId, number, { note, revision }, within) {
      const write = async (transaction: Knex.Transaction): Promise<Version> => {
        const kept = await recipes.get(recipeId, transaction);
        const last = await transaction<VersionRow>('versions')
          .where({ recipe_id: recipeId })
          .orderBy('number', 'desc')
          .first();
        const lastVersion = last ? fromRow(last) : null;
        const isSame = kept !== null && isDeepStrictEqual(lastVersion?.content, kept.content);
        if (lastVersion?.number === number && lastVersion.note === note && isSame)
          return lastVersion;
        if (kept?.revision !== revision || number !== (lastVersion?.number ?? 0) + 1)
          throw new StaleWrite(kept);
        if (lastVersion && isSame) throw new NothingChanged(lastVersion.number);
        const version: Version = {
          recipeId,
          number,
          note,
          frozenAt: new Date().toISOString(),
          content: kept.content,
        };
        await insert(version, transaction);
        return version;
      };
      return within ? write(within) : db.transaction(write);
    },

    async restore(version, within) {
      const { recipeId: recipe_id, number } = version;
      const isHere = await within<VersionRow>('versions').where({ recipe_id, number }).first();
      if (!isHere) await insert(version, within);
    },
  };
}

async function insert(version: Version, transaction: Knex.Transaction): Promise<void> {
  await transaction<VersionRow>('versions').insert(toRow(version));
  await transaction('version_pots').insert(
    potIdsOf(version.content).map((potId) => ({
      recipe_id: version.recipeId,
      number: version.number,
      pot_id: potId,
    })),
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
const readableOf = (rows: readonly VersionRow[]): Version[] =>
  rows.flatMap((row) => {
    try {
      return [fromRow(row)];
    } catch (error) {
      if (error instanceof DamagedRecord) return [];
      throw error;
    }
  });

function fromRow(row: VersionRow): Version {
  const stored = {
    recipeId: row.recipe_id,
    number: row.number,
    note: row.note,
    frozenAt: row.frozen_at,
    content: JSON.parse(row.content) as unknown,
    ...(row.more === null ? {} : { more: JSON.parse(row.more) as unknown }),
  };
  const read = versionSchema.safeParse(stored);
  if (read.success) return read.data;
  const reason = fieldErrors(read.error, stored).map(sentenceOf).join(' ');
  throw new DamagedRecord('versions', `${row.recipe_id} ${row.number}`, reason);
}
