/** A ledger is never taken back to an older form: that would lose what was written since. */
export function forwardOnly(): Promise<void> {
  return Promise.reject(new Error('migrations run forward only'));
}
