import { loanSchema, type Loan } from '../club/loan';
import { own, seen } from './grants';
import type { Kind } from './kind';

/** Which pot is lent to whom: set by whoever may write the pot, and ended by either of the two. */
export const loans: Kind<Loan> = {
  schema: loanSchema,
  label: 'loan',
  changes: 'set',
  rights: {
    look: { keeper: seen, painter: seen, guest: seen },
    create: { keeper: own, painter: own },
    write: { keeper: own, painter: own },
  },
  names: { potId: ['pots'], toId: ['members'] },
  since: 8,
  isKeptInBrowser: false,
};
