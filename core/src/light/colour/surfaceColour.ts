import {
  clampChroma,
  convertLabToLch,
  convertXyz65ToLab65,
  convertXyz65ToRgb,
  formatHex,
  inGamut,
  modeLch65,
  modeLab65,
  modeRgb,
  modeXyz65,
  useMode,
} from 'culori/fn';
import { reflectanceToXyz } from './reflectanceToXyz';
import type { Spectrum } from './spectrum';

useMode(modeRgb);
useMode(modeXyz65);
useMode(modeLab65);
useMode(modeLch65);
const screenShows = inGamut('rgb');

/** The colour of a surface in daylight: CIELAB (D65) and the nearest colour a screen can show. */
export interface SurfaceColour {
  hex: string;
  /** L*, what painters call value, 0–100 */
  value: number;
  a: number;
  b: number;
  /** C*, chroma, 0 = grey */
  chroma: number;
  /** h, hue angle in degrees, 0–360; 0 for a pure grey */
  hue: number;
}

/**
 * @param reflectance 38 bands, each 0–1
 * @returns its Lab figures as they are; `hex` keeps lightness and hue where a screen cannot show
 *   the colour and gives up chroma
 */
export function surfaceColour(reflectance: Spectrum): SurfaceColour {
  return colourOfXyz(reflectanceToXyz(reflectance));
}

/** As `surfaceColour`, from tristimulus values under D65, Y of a perfect white = 1. */
export function colourOfXyz({ x, y, z }: { x: number; y: number; z: number }): SurfaceColour {
  const rgb = convertXyz65ToRgb({ x, y, z });
  const lab = convertXyz65ToLab65({ x, y, z });
  const { c, h } = convertLabToLch(lab);
  const shown = screenShows(rgb) ? rgb : clampChroma({ ...lab, mode: 'lab65' }, 'lch65', 'rgb');
  return { hex: formatHex(shown), value: lab.l, a: lab.a, b: lab.b, chroma: c, hue: h ?? 0 };
}
