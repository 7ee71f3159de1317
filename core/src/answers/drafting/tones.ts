import type { Pot } from '../../written/pot/pot';
import type { MixPart, Thinning } from '../../written/mix/mix';
import type { LadderRung } from './tonalLadder';

/** The inputs of a way of drafting. */
export interface Tones {
  /** the mid tone in pots, as parts that add up to `midTotal` */
  midParts: MixPart[];
  midTotal: number;
  /** a mix of pots as it is counted out most easily */
  countable: (parts: readonly MixPart[]) => MixPart[];
  darkPot: Pot | null;
  /** shade with a wash rather than a mix */
  isWash: boolean;
  lightPot: Pot | null;
  /** pots to go through, the darkest first; dark, mid and light where none were named */
  chain: MixPart[][];
  /** away from the mid tone */
  darks: LadderRung[];
  lights: LadderRung[];
  /** for layers, and for glazes and filters */
  layerThinning: Thinning;
  glazeThinning: Thinning;
  filterThinning: Thinning;
}
