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
