import type { Stage, TechniqueName, ToneStopName } from '@yellow-ledger/core';

/** A figure, or the least and the most it may be. */
export type Range = number | readonly [least: number, most: number];

/** One place that is accepted. */
export interface WantedPlace {
  /** everywhere on the tone axis, aimed at nothing */
  all?: true;
  /** no place was said: the technique's own is right */
  unsaid?: true;
  /** a spot of the recipe, made or found */
  spot?: true;
  band?: { from: readonly [number, number]; to: readonly [number, number] };
  along?: { from: readonly [number, number]; to: readonly [number, number] };
  height?: { from: readonly [number, number]; to: readonly [number, number] };
  facing?: readonly string[];
  pull?: 'up' | 'down' | 'even';
  /** stops that get at least half a coat each */
  full?: readonly ToneStopName[];
}

/** The expected line. */
export interface Wanted {
  technique?: readonly TechniqueName[];
  /** by pot, `a|b` either of two, `#2` line 2, `#-1` the line above; `?` nobody can know */
  parts?: Readonly<Record<string, Range>>;
  water?: Range;
  medium?: Range;
  /** both together */
  thinner?: Range;
  coats?: readonly [number, number];
  shrinks?: true;
  where?: WantedPlace | readonly WantedPlace[];
}

export interface LineAbove {
  technique: TechniqueName;
  parts: Readonly<Record<string, number>>;
  stage?: Stage;
  water?: number;
  medium?: number;
  coats?: number;
  from?: number;
  to?: number;
}

/** A sentence as somebody said it, with what it should be read as. */
export interface SaidExample {
  id: string;
  said: string;
  why?: string;
  surface?: string;
  spots?: readonly string[];
  above?: readonly LineAbove[];
  want?: Wanted;
  wants?: readonly Wanted[];
  anyOf?: readonly (readonly Wanted[])[];
  /** the words that carry each thing */
  at?: Readonly<Record<string, readonly string[]>>;
  body?: readonly string[];
  fairQuestion?: readonly string[];
  /** a command: no line is written from it */
  command?: true;
}

export interface NoteRow {
  row: string;
  is: 'heading' | 'line' | 'out' | 'asked';
  want?: Wanted;
  wants?: readonly Wanted[];
  anyOf?: readonly (readonly Wanted[])[];
  body?: readonly string[];
  fairQuestion?: readonly string[];
}

export interface SaidNote {
  id: string;
  surface?: string;
  above?: readonly LineAbove[];
  text: string;
  rows: readonly NoteRow[];
}
