import type { PracticeFault } from './practiceFault';

/** A fault without the name of the remark that should speak: any objection about one of its lines will do. */
export interface UntoldFault extends Omit<PracticeFault, 'rule'> {
  /** numbers of the faulty recipe's lines it may be said of; none for the whole */
  about: readonly number[];
}
