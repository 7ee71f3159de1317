import type { Response } from 'express';
import type { OpenLedger } from './openLedger';

/** Sets what of the ledger is open to whoever asks; done once for a request, before any route. */
export function setOpen(response: Response, open: OpenLedger): void {
  (response.locals as { open?: OpenLedger }).open = open;
}

/** The ledger as it is open to the sender of a request. */
export function openFor(response: Response): OpenLedger {
  const { open } = response.locals as { open?: OpenLedger };
  // A route that is reached past the gate gets nothing.
  if (!open) throw new Error('nothing is open to this request');
  return open;
}
