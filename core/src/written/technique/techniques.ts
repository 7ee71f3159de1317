import * as all from './techniques/all';
import type { Technique } from './techniques/technique';

export { isMessy, type Technique } from './techniques/technique';

/** How a step can be put on; a file each. */
export const techniques: Record<keyof typeof all, Technique> = all;
export type TechniqueName = keyof typeof all;

export const techniqueNames = (Object.keys(techniques) as TechniqueName[]).sort(
  (one, other) => techniques[one].listedAt - techniques[other].listedAt,
);

/** @example techniqueOf('filter').film // → 0.45 */
export function techniqueOf(name: TechniqueName): Technique {
  return techniques[name];
}

/** Whether a technique takes paint off and holds none itself. */
export const lifts = (name: TechniqueName): boolean => techniqueOf(name).lifts !== undefined;

/**
 * The fault of so many sources of paint on a brush used so; null where there is none.
 * @example wrongPaint('dampBrush', 1) // → 'nothing: a damp brush holds no paint'
 */
export function wrongPaint(name: TechniqueName, sources: number): string | null {
  if (lifts(name))
    return sources > 0 ? `nothing: a ${techniqueOf(name).label} holds no paint` : null;
  return sources > 0 ? null : 'at least one pot or carried-forward mix';
}
