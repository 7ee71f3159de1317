import { may, type Role } from '@yellow-ledger/core';
import type { Sender } from '../log/logStore';

/** The member who sends a request. */
export interface Asker {
  memberId: string;
  name: string;
  role: Role;
  /** Asks for the passphrase once more before a weighty act. @throws Problem 403 where it was not given lately */
  refuseUnlessConfirmed(): void;
}

/** The same as who writes into the log. */
export const senderOf = ({ memberId, name, role }: Asker): Sender => ({
  memberId,
  name,
  strikesAny: may(role, 'club', 'delete', 'log'),
});
