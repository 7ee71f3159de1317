import type { Finding, RemarkKind } from './finding';
import * as all from './rules/all';
import type { Rule } from './rule';

/** The rules; a file each. */
export const rules: Record<keyof typeof all, Rule> = all;
export type RuleName = keyof typeof all;

export const ruleNames = (Object.keys(rules) as RuleName[]).sort(
  (one, other) => rules[one].listedAt - rules[other].listedAt,
);

/** A finding, by which rule, and what its painter says to it. */
export interface Remark extends Finding {
  rule: RuleName;
  kind: RemarkKind;
  /** other lines of which the same is to be said */
  alsoOf: readonly string[];
  /** “meant so”, and it is still what was meant */
  isSetAside: boolean;
}
