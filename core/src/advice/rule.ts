import type { AdviceContext } from './adviceContext';
import type { Finding, RemarkKind } from './finding';

/** Something the ledger looks out for in a recipe. */
export interface Rule {
  /**
   * its place among the remarks, from 1: what can hurt somebody, what cannot be painted, what will
   * not look right
   */
  listedAt: number;
  /** how it usually speaks */
  kind: RemarkKind;
  find: (context: AdviceContext) => Finding[];
}

export const rule = (
  listedAt: number,
  find: Rule['find'],
  kind: RemarkKind = 'objection',
): Rule => ({ listedAt, kind, find });
