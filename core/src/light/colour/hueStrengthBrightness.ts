import { convertHsvToRgb, convertRgbToHsv, formatHex, parseHex } from 'culori/fn';

/** A colour as three sliders point at it. */
export interface HueStrengthBrightness {
  /** degrees, 0–360; 0 for a grey */
  hue: number;
  /** 0–1 */
  strength: number;
  /** 0–1 */
  brightness: number;
}

/**
 * @throws RangeError when it is no colour
 * @example hueStrengthBrightnessOf('#ff0000') // → { hue: 0, strength: 1, brightness: 1 }
 */
export function hueStrengthBrightnessOf(hex: string): HueStrengthBrightness {
  const rgb = parseHex(hex);
  if (!rgb) throw new RangeError(`${hex} is no colour`);
  const { h = 0, s, v } = convertRgbToHsv(rgb);
  return { hue: h, strength: s, brightness: v };
}

/** The colour three sliders point at, sRGB hex. */
export function hexOfHueStrengthBrightness(of: HueStrengthBrightness): string {
  return formatHex(convertHsvToRgb({ h: of.hue, s: of.strength, v: of.brightness }));
}
