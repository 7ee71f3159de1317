import {
  kinds,
  referencesOf,
  resourceNames,
  type KindName,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Knex } from 'knex';
import { parsed } from '../db/recordStore';

interface Row {
  content: string;
}

/** Tables of edited records and of versions, by the kind in them. */
const namingKinds: readonly KindName[] = [...resourceNames, 'versions'];

/** Versions hold a recipe, and belong to whoever owns it. */
const rowsOf = (kind: KindName): { kind: ResourceName; column: string } =>
  kind === 'versions'
    ? { kind: 'recipes', column: 'recipe_id' }
    : { kind: kind as ResourceName, column: 'id' };

/**
 * Whether a record is named by one that is not the member's own: another member's, or the club's.
 * Deleting it changes what others work with.
 */
export async function isUsedByOthers(
  kind: ResourceName,
  id: string,
  memberId: string,
  within: Knex.Transaction,
): Promise<boolean> {
  for (const naming of namingKinds) {
    if (!Object.values(kinds[naming].names).some((named) => named.includes(kind))) continue;
    const held = rowsOf(naming);
    const rows = await within<Row>(naming)
      .select('content')
      .whereRaw('instr(content, ?) > 0', [JSON.stringify(id)])
      // A recipe's own versions go with it.
      .modify((query) => {
        if (naming === 'versions' && kind === 'recipes') void query.whereNot('recipe_id', id);
      })
      .whereNotExists(
        within('owners')
          .where({ kind: held.kind, member_id: memberId })
          .whereRaw('?? = ??', ['owners.id', `${naming}.${held.column}`]),
      );
    for (const { content } of rows) {
      const record = parsed(content);
      // A record that cannot be read uses nothing.
      if (typeof record !== 'object' || record === null) continue;
      const names = referencesOf(held.kind, record);
      if (names.some((each) => each.id === id && each.kinds.includes(kind))) return true;
    }
  }
  return false;
}
