import type { Army } from '@yellow-ledger/core';

/** Changes the army on the page, as one thing to undo. */
export type ChangeArmy = (label: string, next: (army: Army) => Army) => void;
