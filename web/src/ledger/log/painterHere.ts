import { lineLimit } from '@yellow-ledger/core';

const nameKey = 'yellow-ledger.painter';

/** Who paints at this device; empty where nobody has said. */
export const painterHere = {
  name: () => localStorage.getItem(nameKey) ?? '',
  say(name: string) {
    const trimmed = name.trim().slice(0, lineLimit);
    if (trimmed) localStorage.setItem(nameKey, trimmed);
    else localStorage.removeItem(nameKey);
  },
};
