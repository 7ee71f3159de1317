const channelLight = Float64Array.from({ length: 256 }, (_, byte) => {
  const share = byte / 255;
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
});

/**
 * How light a pixel is: L* of its light, 0–100.
 *
 * @param red 0–255, @param green 0–255, @param blue 0–255; sRGB
 * @source IEC 61966-2-1 (sRGB), CIE 15 (L*)
 * @example greyValueOf(119, 119, 119) // → 50.03
 */
export function greyValueOf(red: number, green: number, blue: number): number {
  const light =
    0.2126 * channelLight[red] + 0.7152 * channelLight[green] + 0.0722 * channelLight[blue];
  return light > 216 / 24389 ? 116 * Math.cbrt(light) - 16 : (light * 24389) / 27;
}

/** The grey of an L*, as the byte of each channel. @param value 0–100 */
export function greyByteOf(value: number): number {
  const light = value > 8 ? ((value + 16) / 116) ** 3 : (value * 27) / 24389;
  const share = light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055;
  return Math.round(255 * Math.min(1, Math.max(0, share)));
}
