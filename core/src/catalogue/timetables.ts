import { timetableSchema } from '../answers/work/plan/schedule/timetable';
import { onTheTable } from './grants';
import { armyBytes, resource, toArmy } from './kind';

export const timetables = resource({
  schema: timetableSchema,
  label: 'timetable',
  nameOf: ({ madeAt }) => `made ${madeAt}`,
  rights: onTheTable,
  names: { armyId: ['armies'], recipeId: ['recipes'], potId: ['pots'] },
  belongsTo: ({ armyId }) => toArmy(armyId),
  since: 3,
  // A plan of sixty models by four hands is some hundreds of runs with their models.
  largestBytes: armyBytes,
});
