import { convertLrgbToRgb, convertRgbToLrgb, formatHex } from 'culori/fn';

/**
 * The mean colour of pixels, averaged as light.
 *
 * @param pixels RGBA, 0–255 each; a pixel counts by its alpha, so that a transparent one does not
 * @returns hex; black where no pixel counts
 */
export function meanHex(pixels: Uint8ClampedArray): string {
  const sum = { r: 0, g: 0, b: 0 };
  let counted = 0;
  for (let at = 0; at < pixels.length; at += 4) {
    const weight = pixels[at + 3] / 255;
    const light = convertRgbToLrgb({
      r: pixels[at] / 255,
      g: pixels[at + 1] / 255,
      b: pixels[at + 2] / 255,
    });
    sum.r += weight * light.r;
    sum.g += weight * light.g;
    sum.b += weight * light.b;
    counted += weight;
  }
  const share = counted === 0 ? 0 : 1 / counted;
  return formatHex(convertLrgbToRgb({ r: sum.r * share, g: sum.g * share, b: sum.b * share }));
}
