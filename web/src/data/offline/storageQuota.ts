import { useSyncExternalStore } from 'react';

/** So much of what a browser gives may be taken before it is said. */
const nearlyFull = 0.9;

type Room = 'enough' | 'nearly full' | 'full';

let room: Room = 'enough';
const told = new Set<() => void>();

function say(next: Room): void {
  if (next === room) return;
  room = next;
  told.forEach((tell) => tell());
}

/** How much room the browser has for what it keeps of the ledger. */
export const storageQuota = {
  now: () => room,

  /** The browser would keep no more. */
  refused: () => say('full'),

  /** Asks the browser to keep what it has, and how full it is. */
  async look(): Promise<void> {
    // Not every browser has it, and none has it but at an address of its own.
    const storage = (navigator as Partial<Navigator>).storage;
    if (!storage) return;
    await storage.persist().catch(() => false);
    const { usage = 0, quota = Infinity } = await storage
      .estimate()
      .catch(() => ({}) as StorageEstimate);
    if (room !== 'full') say(usage > nearlyFull * quota ? 'nearly full' : 'enough');
  },
};

export const useStorageQuota = (): Room =>
  useSyncExternalStore((tell) => {
    told.add(tell);
    return () => told.delete(tell);
  }, storageQuota.now);
