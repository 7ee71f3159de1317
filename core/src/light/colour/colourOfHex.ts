import { convertLabToLch, convertRgbToXyz65, convertXyz65ToLab65, parseHex } from 'culori/fn';
import type { SurfaceColour } from './surfaceColour';

/**
 * The colour figures of a swatch as it is written, without going through a reflectance.
 *
 * @throws RangeError when `hex` is no colour
 */
export function colourOfHex(hex: string): SurfaceColour {
  const rgb = parseHex(hex);
  if (!rgb) throw new RangeError(`${hex} is no colour`);
  const lab = convertXyz65ToLab65(convertRgbToXyz65(rgb));
  const { c, h } = convertLabToLch(lab);
  return { hex, value: lab.l, a: lab.a, b: lab.b, chroma: c, hue: h ?? 0 };
}
