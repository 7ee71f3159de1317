import { finishLevels, type FinishLevel } from '@yellow-ledger/core';

const names: Record<FinishLevel, string> = {
  field: 'rank and file',
  table: 'tabletop',
  display: 'display',
};

/** The standard a recipe is painted to, in words. */
export const standardName = (level: FinishLevel): string => names[level];

/** The standards, for a field. */
export const standardOptions = finishLevels.map((id) => ({ id, name: names[id] }));
