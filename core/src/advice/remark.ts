import type { Finding } from './finding';
import * as all from './rules/all';
import type { Rule } from './rule';

/** What the ledger looks out for; a file each. */
export const rules: Record<keyof typeof all, Rule> = all;
export type RuleName = keyof typeof all;

export const ruleNames = (Object.keys(rules) as RuleName[]).sort(
  (one, other) => rules[one].listedAt - rules[other].listedAt,
);

/** A finding, and by which rule. */
export interface Remark extends Finding {
  rule: RuleName;
}
