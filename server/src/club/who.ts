import type { Asker } from '../open/asker';
import type { Member } from './memberStore';
import type { Device } from './sessionStore';

/** A logged-in member, and the device they are logged in on. */
export interface Who {
  member: Member;
  device: Device;
}

/** The same member, as the ledger is opened to them. */
export const askerOf = ({ member: { id, name, role } }: Who): Asker => ({
  memberId: id,
  name,
  role,
});
