import { bringSchema, type Bring } from '../club/loan';
import { own, seen } from './grants';
import type { Kind } from './kind';

/** Pots that members bring for an army to the next evening. */
export const brings: Kind<Bring> = {
  schema: bringSchema,
  label: 'pot to bring',
  changes: 'set',
  rights: {
    look: { keeper: seen, painter: seen, guest: seen },
    create: { keeper: own, painter: own },
    delete: { keeper: own, painter: own },
  },
  names: { armyId: ['armies'], potId: ['pots'], memberId: ['members'] },
  since: 8,
  isKeptInBrowser: false,
};
