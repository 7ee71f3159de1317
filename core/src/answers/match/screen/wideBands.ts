import type { SurfaceColour } from '../../../light/colour/surfaceColour';

/** Reflectances are kept inside these, as no surface reflects nothing or everything. */
const least = 0.003;
const most = 0.997;

/**
 * A colour as what it reflects of red, green and blue light: linear sRGB, kept inside what a surface
 * can do.
 *
 * @source IEC 61966-2-1 for the primaries; CIE 15 for L*, a, b under D65
 */
export function wideBands({
  value,
  a,
  b,
}: Pick<SurfaceColour, 'value' | 'a' | 'b'>): [number, number, number] {
  const fy = (value + 16) / 116;
  const x = 0.95047 * linear(fy + a / 500);
  const y = linear(fy);
  const z = 1.08883 * linear(fy - b / 200);
  return [
    inside(3.2404542 * x - 1.5371385 * y - 0.4985314 * z),
    inside(-0.969266 * x + 1.8760108 * y + 0.041556 * z),
    inside(0.0556434 * x - 0.2040259 * y + 1.0572252 * z),
  ];
}

const linear = (f: number) => (f > 6 / 29 ? f ** 3 : (3 * 36 * (f - 4 / 29)) / 841);
const inside = (figure: number) => Math.min(most, Math.max(least, figure));
