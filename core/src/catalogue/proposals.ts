import { proposalSchema, type Proposal } from '../club/proposal';
import { ofClub, own, ownAndClub } from './grants';
import type { Kind } from './kind';
import { namedByRecipe, repeatedByRecipe } from './recipes';

export const proposals: Kind<Proposal> = {
  schema: proposalSchema,
  label: 'proposal',
  changes: 'decided',
  rights: {
    look: { keeper: ownAndClub, painter: ownAndClub },
    create: { keeper: own, painter: own },
    write: { keeper: own, painter: own },
    delete: { keeper: own, painter: own },
    decide: { keeper: [...own, ...ofClub] },
  },
  repeats: repeatedByRecipe,
  names: {
    ...namedByRecipe,
    targetId: ['recipes'],
    // As it was proposed it bears the identifier of its maker's own recipe.
    'content.id': ['recipes'],
    memberId: ['members'],
    decidedBy: ['members'],
  },
  since: 8,
  isKeptInBrowser: false,
};
