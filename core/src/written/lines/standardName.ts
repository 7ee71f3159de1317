import type { FinishLevel } from '../recipe/step';

const names: Record<FinishLevel, string> = {
  field: 'rank and file',
  table: 'tabletop',
  display: 'display',
};

/**
 * The standard a recipe is painted to, in words.
 *
 * @example standardName('field') // → 'rank and file'
 */
export const standardName = (level: FinishLevel): string => names[level];
