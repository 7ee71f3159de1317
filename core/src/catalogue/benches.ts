import { benchSchema } from '../answers/work/bench/bench';
import { onTheTable } from './grants';
import { armyBytes, resource, toArmy } from './kind';
import { namedByRecipe, repeatedByRecipe } from './recipes';

export const benches = resource({
  schema: benchSchema,
  label: 'bench',
  nameOf: ({ name }) => name,
  rights: onTheTable,
  repeats: repeatedByRecipe,
  names: { ...namedByRecipe, armyId: ['armies'] },
  belongsTo: ({ armyId }) => toArmy(armyId),
  since: 2,
  largestBytes: armyBytes,
});
