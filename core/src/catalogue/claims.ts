import { claimSchema, type Claim } from '../club/claim';
import { own, seen } from './grants';
import type { Kind } from './kind';

/** Models that a member has said they paint: set and taken back by whoever may write on the benches of that army. */
export const claims: Kind<Claim> = {
  schema: claimSchema,
  label: 'claim',
  changes: 'set',
  rights: {
    look: { keeper: seen, painter: seen, guest: seen },
    create: { keeper: own, painter: own },
    delete: { keeper: own, painter: own },
  },
  names: { armyId: ['armies'], memberId: ['members'] },
  since: 8,
  isKeptInBrowser: false,
};
