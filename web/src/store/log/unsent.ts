/** Keys of entries the server has not acknowledged begin so. */
export const unsentPrefix = 'yellow-ledger.entry.';

/** Whether an entry waits in the browser; known without reading any. */
export function isAnythingUnsent(): boolean {
  return Object.keys(localStorage).some((key) => key.startsWith(unsentPrefix));
}
