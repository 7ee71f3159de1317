import type { Optics } from '../paint/optics';

/** A pot that may be mixed with. */
export interface MatchPot {
  potId: string;
  optics: Optics;
}
