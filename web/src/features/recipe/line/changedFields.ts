import type { Step } from '@yellow-ledger/core';

/**
 * Which fields of a line differ, so that a run of edits of one field is undone as one, and edits of
 * two fields are not.
 *
 * @example changedFields(step, { ...step, coats: 3 }) // → ['coats']
 */
export function changedFields(before: Step, after: Step): string[] {
  const flat = ({ mix, ...rest }: Step): Record<string, unknown> => ({ ...rest, ...mix });
  const [was, is] = [flat(before), flat(after)];
  return Object.keys(is).filter((key) => JSON.stringify(was[key]) !== JSON.stringify(is[key]));
}
