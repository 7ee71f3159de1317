/** One coat of one line on one surface of one model: what a painter does in one go. */
export interface Job {
  /** minutes of a usual hand */
  handsOn: number;
  /** minutes until the next coat on the same surface may begin */
  dry: number;
  /** index into `Work.mixes` */
  mix: number;
  /** while it dries nothing else on the same body can be held: after a wash or a spray */
  blocks: boolean;
  /** waits until everything on its model that has an earlier turn is done and dry; 0 waits for nothing */
  turn: number;
  /** the same for the same coat of the same line on other models */
  run: number;
  /** an undercoat or a base coat: somebody new can paint it */
  isBase: boolean;
}

/** The coats of one surface of one model, in their order. */
export interface Chain {
  /** index into `Work.models` */
  model: number;
  /** the unit of its model, counted from 0 */
  unit: number;
  /** what is in the hand at once: the model, or one of its sub-assemblies */
  body: number;
  /** place of its surface in the order of work, from 0 */
  rank: number;
  jobs: Job[];
  /** minute from which its first coat may begin; above 0 while something on it still dries */
  readyAt: number;
}

/** A colour to be mixed before it can be used. */
export interface WorkMix {
  /** minutes to mix it */
  mixMinutes: number;
  /** minutes it can be used once mixed */
  usableMinutes: number;
  /** of more than one pot: hard to hit twice */
  isMixed: boolean;
}

/** Everything there is to paint, without names: what the planner needs and no more. */
export interface Work {
  chains: Chain[];
  mixes: WorkMix[];
  models: number;
  bodies: number;
  /** minute from which each body can be held; 0 where nothing on it was wet */
  bodyFreeAt: readonly number[];
  /** minutes for cleaning the brush and changing to another paint */
  changeMinutes: number;
  /** by unit; a unit that is not here is like any other */
  wishes?: ReadonlyMap<number, UnitWish>;
}

/** Wishes of people for a unit. */
export interface UnitWish {
  /** before all others, or after them */
  when?: 'first' | 'last';
  /** one painter paints all of it */
  oneHand?: boolean;
}

/** A painter. */
export interface Hand {
  speed: number;
  /** models only this hand paints */
  claims: ReadonlySet<number>;
  /** somebody new, who paints undercoats and base coats only */
  onlyBase?: boolean;
}

/** A sitting, in minutes of one clock that does not stop in between. */
export interface Sitting {
  from: number;
  to: number;
  /** hands that are there */
  hands: readonly number[];
}

/** Minutes at the table before each sitting begins. @example minutesBefore([30 min, 60 min]) // → [0, 30] */
export function minutesBefore(sittings: readonly Sitting[]): number[] {
  let sum = 0;
  return sittings.map(({ from, to }) => {
    const before = sum;
    sum += to - from;
    return before;
  });
}

/** Cleaning the brush and changing to another paint, minutes of a usual hand; our own starting point. */
export const usualChangeMinutes = 0.5;

/** The model of each claimed model’s hand; models nobody claims are anybody’s. */
export function claimantsOf(hands: readonly Hand[]): Map<number, number> {
  return new Map(hands.flatMap(({ claims }, hand) => [...claims].map((model) => [model, hand])));
}
