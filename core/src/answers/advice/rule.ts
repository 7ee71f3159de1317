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
  /** it is true of a line only where it is in every aspect the line goes on in */
  isOfEverywhere?: boolean;
  find: (context: AdviceContext) => Finding[];
}

export const rule = (
  listedAt: number,
  find: Rule['find'],
  {
    kind = 'objection',
    isOfEverywhere = false,
  }: Partial<Pick<Rule, 'kind' | 'isOfEverywhere'>> = {},
): Rule => ({ listedAt, kind, isOfEverywhere, find });
