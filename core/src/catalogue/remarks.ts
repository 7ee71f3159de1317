import { remarkSchema, type ProposalRemark } from '../club/proposal';
import { own, ownAndClub } from './grants';
import type { Kind } from './kind';

export const remarks: Kind<ProposalRemark> = {
  schema: remarkSchema,
  label: 'remark',
  changes: 'added',
  rights: {
    look: { keeper: ownAndClub, painter: ownAndClub },
    create: { keeper: own, painter: own },
    delete: { keeper: ownAndClub, painter: own },
  },
  names: { memberId: ['members'] },
  since: 8,
  isKeptInBrowser: false,
};
