import { convertLrgbToRgb, convertRgbToLrgb, formatHex } from 'culori/fn';

/**
 * The mean colour of pixels, averaged as light.
 *
 * @param pixels RGBA, 0–255; what shines through is not counted in
 * @returns hex; black for no pixels
 */
export function meanHex(pixels: Uint8ClampedArray): string {
  const sum = { r: 0, g: 0, b: 0 };
  const count = pixels.length / 4;
  for (let at = 0; at < pixels.length; at += 4) {
    const light = convertRgbToLrgb({
      r: pixels[at] / 255,
      g: pixels[at + 1] / 255,
      b: pixels[at + 2] / 255,
    });
    sum.r += light.r / count;
    sum.g += light.g / count;
    sum.b += light.b / count;
  }
  return formatHex(convertLrgbToRgb(sum));
}
