import { hadParts, lastHad } from '../../ledger/away/hadParts';

/** Throws away what this browser has kept of the ledger for when its server is away. */
export const leaveNothing = (): Promise<void> => lastHad.letGo(hadParts);
