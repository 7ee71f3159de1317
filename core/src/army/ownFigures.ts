import type { TechniqueName } from '../recipe/techniques';

/** How a painter differs from what is reckoned for a usual hand; each a factor, 1 is as reckoned. */
export interface OwnFigures {
  /** hands-on time, by technique; what is not here is as reckoned */
  handsOn: Partial<Record<TechniqueName, number>>;
  drying: number;
  /** paint that is mixed for what is painted */
  paint: number;
  /** thickness of a coat */
  film: number;
}

/** A painter nothing is known of. */
export const usualHand: OwnFigures = { handsOn: {}, drying: 1, paint: 1, film: 1 };
