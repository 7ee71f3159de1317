import type { Asker } from '../open/asker';
import type { Member } from './memberStore';
import type { Device } from './sessionStore';

/** Who asks, and on which device they have come in. */
export interface Who {
  member: Member;
  device: Device;
}

/** Who asks, as the ledger is opened to them. */
export const askerOf = ({ member: { id, name, role } }: Who): Asker => ({
  memberId: id,
  name,
  role,
});
