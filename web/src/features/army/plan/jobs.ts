import type { PlannedRun } from '@yellow-ledger/core';

/** The mix at the beginning of a job. @example 'mixed first, 2 min · ' */
export const mixingWords = ({ mixing }: Pick<PlannedRun, 'mixing'>) =>
  mixing > 0 ? `mixed first, ${Math.max(1, Math.round(mixing))} min · ` : '';
