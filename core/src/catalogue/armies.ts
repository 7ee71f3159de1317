import { armySchema } from '../answers/work/army/army';
import { workedOnTogether } from './grants';
import { armyBytes, resource } from './kind';

export const armies = resource({
  schema: armySchema,
  label: 'army',
  nameOf: ({ name }) => name,
  rights: workedOnTogether,
  names: { recipeId: ['recipes'] },
  since: 1,
  hasHistory: true,
  largestBytes: armyBytes,
});
