import type { Spectrum } from '../../../light/colour/spectrum';
import type { Optics } from '../../../light/optics/optics';
import type { Step } from '../../../written/recipe/step';

/** A place something went wrong on, and how badly. */
export interface WentWrongAt {
  /** on the tone axis, 0–1 */
  at: number;
  /** the place after the line as it is planned, below the line, and the middle of the surface */
  planned: Spectrum;
  below: Spectrum;
  around: Spectrum;
  step: Step;
  /** the line's own paint, unthinned */
  paint: Optics;
  /** the paint that should not be there */
  wrong: () => Optics;
  /** value that is off, L* */
  off: number;
  /** share of the whole, or films too many */
  much: number;
}

/** All there is to say of something that can go wrong with a coat. */
export interface MishapFacts<Name extends string = string> {
  /** its place in lists, from 1 */
  listedAt: number;
  /** as a painter says it, and as the log keeps it */
  name: Name;
  leaves: (place: WentWrongAt) => Spectrum;
  /** it has to be said which paint was there by mistake */
  needsPot?: true;
  /** it happens to what the line has finished, and not while it goes on */
  isOnFinished?: true;
}

export const mishap = <const Name extends string>(facts: MishapFacts<Name>) => facts;
