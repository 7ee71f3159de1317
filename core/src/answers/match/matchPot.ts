import type { Optics } from '../../light/optics/optics';

/** A pot that may be mixed with. */
export interface MatchPot {
  potId: string;
  optics: Optics;
}
