const keyOf = (potId: string) => `yellow-ledger.unfinished-pot.${potId}`;

/** Invalid input about a pot, kept as long as the browser tab is open. */
export const unfinishedPots = {
  keep(potId: string, typed: unknown): void {
    if (typed === null) sessionStorage.removeItem(keyOf(potId));
    else sessionStorage.setItem(keyOf(potId), JSON.stringify(typed));
  },
  find(potId: string): unknown {
    const text = sessionStorage.getItem(keyOf(potId));
    return text === null ? undefined : JSON.parse(text);
  },
};
