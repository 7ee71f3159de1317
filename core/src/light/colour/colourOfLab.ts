import { convertLab65ToXyz65 } from 'culori/fn';
import { colourOfXyz, type SurfaceColour } from './surfaceColour';

/**
 * The colour figures of CIELAB values under D65.
 *
 * @param value L*, 0–100
 * @example colourOfLab(50, 0, 0).hex // → '#777777'
 */
export function colourOfLab(value: number, a: number, b: number): SurfaceColour {
  return colourOfXyz(convertLab65ToXyz65({ l: value, a, b }));
}
