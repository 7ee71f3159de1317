import { differenceCiede2000, modeLab65, useMode } from 'culori/fn';
import type { SurfaceColour } from './surfaceColour';

type Lab = Pick<SurfaceColour, 'value' | 'a' | 'b'>;

useMode(modeLab65);
const ciede2000 = differenceCiede2000();

/**
 * ΔE00: how different two colours look. Under 1 nobody sees it side by side; about 2 is seen only
 * side by side; from 5 up anybody sees it.
 *
 * @source CIE 142-2001 (CIEDE2000), as culori computes it
 */
export function colourDifference(one: Lab, other: Lab): number {
  return ciede2000(
    { mode: 'lab65', l: one.value, a: one.a, b: one.b },
    { mode: 'lab65', l: other.value, a: other.a, b: other.b },
  );
}
