import { photographSchema } from '../answers/picture/photograph';
import { onTheTable } from './grants';
import { resource, toArmy } from './kind';

export const photographs = resource({
  schema: photographSchema,
  label: 'photograph',
  nameOf: ({ caption, shows, addedAt }) => caption ?? `${shows}, put in ${addedAt}`,
  rights: onTheTable,
  names: { recipeId: ['recipes'], holderId: ['armies', 'benches'] },
  belongsTo: ({ of }) =>
    of.kind === 'recipe'
      ? [{ kind: 'recipes', id: of.recipeId }]
      : [...toArmy(of.holderId), { kind: 'benches', id: of.holderId }],
  since: 7,
});
