/** Preferences of a painter who is free. */
export interface Rule {
  /** worth of a long way still to go on a surface, drying and all */
  tail: number;
  /** worth of many models waiting for the same paint */
  crowd: number;
  /** worth of keeping to the order of work */
  order: number;
  /** worth of a paint no other hand is at */
  apart: number;
  /** worth of each minute a model can be held: a wash dries best while nobody is there */
  free: number;
  /** minutes a hand rather waits for more of its paint than takes up another */
  patience: number;
  /** minutes a hand waits for something better to be dry though there is something to do */
  waits: number;
  /** whether a hand paints on with its paint as long as there is anything for it */
  sticks: boolean;
  /** a mixed colour is not begun where a later sitting could hold the whole of it */
  keepsWhole: boolean;
  /** the hand that mixes for the whole table before it paints; −1 for none */
  mixer: number;
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

/** A paint mixed while there was nothing else to do. */
export interface MixedAhead {
  mix: number;
  hand: number;
  sitting: number;
  from: number;
  minutes: number;
}

export interface Dispatched {
  /** in the order they were begun */
  done: Done[];
  ahead: MixedAhead[];
  /** jobs the sittings have no room for */
  left: number;
}
