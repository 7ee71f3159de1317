import type { Army } from '../answers/work/army/army';
import type { RecipeOf } from '../answers/work/army/paintNeeded';
import type { Bench } from '../answers/work/bench/bench';
import type { LogEntry } from '../answers/work/log/entry';
import type { Shelf } from '../predicted/paint/mixedPaint';

/** Somebody who painted, and what. */
export interface PastPainter {
  name: string;
  /** 1 is the usual hand; 2 paints twice as much in an hour */
  speed: number;
  /** thickness of this hand’s film, 1 is the usual one */
  film: number;
  /** units in the order they are taken */
  unitIds: readonly string[];
  /** evenings: days of the week (0 is Sunday) with the hour they begin and the minutes they last */
  evenings: readonly { day: number; hour: number; minutes: number }[];
}

/** A pot that ran out, and what took its place. */
export interface RanOut {
  potId: string;
  byPotId: string;
  /** so far through the time, 0–1 */
  at: number;
}

export interface PastAsked {
  army: Army;
  recipeOf: RecipeOf;
  shelf: Shelf;
  painters: readonly PastPainter[];
  ranOut?: RanOut;
  /** the surface whose readings drifted, and from which model on */
  drift?: { unitId: string; surfaceId: string; fromModel: number };
  weeks: number;
  /** milliseconds since 1970; nothing lies after it */
  now: number;
  seed: number;
}

/** The time left at the table. */
export interface Past {
  benches: Bench[];
  log: LogEntry[];
}
