import type { Asker } from '../open/asker';
import type { ClubClock } from './clubClock';
import { refuseUnlessConfirmed } from './login/confirmed';
import type { Member } from './members/memberStore';
import type { Device } from './login/sessionStore';

/** A logged-in member, and the device they are logged in on. */
export interface Who {
  member: Member;
  device: Device;
}

/** The same member, as the ledger is opened to them. */
export function askerOf(who: Who, clock: ClubClock): Asker {
  const { id, name, role } = who.member;
  return {
    memberId: id,
    name,
    role,
    refuseUnlessConfirmed: () => refuseUnlessConfirmed(who, clock),
  };
}
