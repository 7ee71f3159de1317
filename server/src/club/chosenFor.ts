import { resourceNames, type ResourceName } from '@yellow-ledger/core';
import type { Chosen } from '../files/everything';
import type { Scope } from './scope';

/**
 * What goes into a member’s file: all they are shown, or all that is theirs, with the pots that draws
 * from and what they have painted.
 */
export async function chosenFor(memberId: string, scope: Scope, isOwn: boolean): Promise<Chosen> {
  const of = isOwn ? scope.own : scope.seen;
  const records = new Map<ResourceName, (id: string) => boolean>();
  for (const kind of resourceNames) records.set(kind, await of(kind));
  return {
    record: (kind, id) => records.get(kind)?.(id) ?? false,
    entriesOf: { memberId, isOwn },
  };
}
