import { holderOf, type CoatEntry } from '@yellow-ledger/core';

/** The place where a surface is written down as it was painted, on the page of the first of its models. */
export function writeDownAddress({ where, benchId }: CoatEntry): string {
  const { unitId, surfaceId, models } = where;
  return `/log/models/${holderOf(where, benchId)}/${unitId}/${models[0]}?write=${surfaceId}`;
}
