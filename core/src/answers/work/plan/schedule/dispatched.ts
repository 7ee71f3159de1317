/** Preferences of a painter who is free; weights in minutes. */
export interface Rule {
  /** worth of each minute the longest way of a model still takes, drying and all */
  tail: number;
  /** worth of keeping to the order of work, a place */
  order: number;
  /** cost of changing to another paint, another surface, another unit, beside the minutes it takes */
  changes: { mix: number; surface: number; unit: number };
  /** cost of each minute waited until something is dry */
  waiting: number;
  /** cost of beginning a coat that not every model is ready for */
  split: number;
  /** cost of a paint that another hand has on its brush */
  apart: number;
  /** who has nothing left of his own takes over from others */
  helps: boolean;
  /** every minute is filled, though a coat is broken off for it: where there is hardly room for all */
  fills: boolean;
  /** for each coat of a line (`Job.run`) what is added to its cost: below 0 it comes earlier */
  bias?: Float64Array;
  /** waits for a coat that is worth it, though another could be begun now */
  waits: boolean;
  /** worth of chance, and where the chance comes from; 0–1 each call */
  chance: number;
  random: () => number;
}

/** One job done: by whom, when, and what had to be got ready first. */
export interface Done {
  chain: number;
  job: number;
  hand: number;
  sitting: number;
  /** minutes for mixing and for changing the paint, before `starts` */
  mixing: number;
  changing: number;
  starts: number;
  ends: number;
  driesAt: number;
}

export interface Dispatched {
  /** in the order they were begun */
  done: Done[];
  /** jobs the sittings have no room for */
  left: number;
}
