import { colourOfHex } from './colourOfHex';
import { colourOfLab } from './colourOfLab';

/** A colour moved in CIELAB; held inside what a screen can show. @param by in L*, a, b */
export function shiftedHex(hex: string, by: { value: number; a: number; b: number }): string {
  const { value, a, b } = colourOfHex(hex);
  const inside = Math.min(97, Math.max(8, value + by.value));
  return colourOfLab(inside, a + by.a, b + by.b).hex;
}
