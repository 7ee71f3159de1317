import { lineLimit } from '@yellow-ledger/core';
import { memberships } from '../club/membership';

const nameKey = 'yellow-ledger.painter';

/** The painter at this device; empty where nobody has said. */
export const painterHere = {
  name(): string {
    const membership = memberships.now();
    const said = localStorage.getItem(nameKey) ?? '';
    if (membership.is !== 'in') return said;
    const { member, isShared } = membership.me;
    // In a club a device is its member’s, but for a tablet of several: there it is said who paints.
    return (isShared && said) || member.name;
  },
  say(name: string) {
    const trimmed = name.trim().slice(0, lineLimit);
    if (trimmed) localStorage.setItem(nameKey, trimmed);
    else localStorage.removeItem(nameKey);
  },
};
