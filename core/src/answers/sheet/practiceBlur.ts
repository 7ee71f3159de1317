/** Light out of focus: three boxes one after the other come to a soft disc. */
export function blurred(
  light: Float32Array,
  width: number,
  height: number,
  radius: number,
): Float32Array {
  const size = Math.round(radius);
  if (size < 1) return light;
  let now = light;
  for (let round = 0; round < 2; round++) {
    now = boxed(now, width, height, size, 3, width * 3);
    now = boxed(now, height, width, size, width * 3, 3);
  }
  return now;
}

/** A mean over so many to each side, along one direction. */
function boxed(
  light: Float32Array,
  long: number,
  lines: number,
  size: number,
  step: number,
  stride: number,
) {
  const out = new Float32Array(light.length);
  for (let line = 0; line < lines; line++)
    for (let channel = 0; channel < 3; channel++) {
      const start = line * stride + channel;
      const at = (i: number) => light[start + Math.min(long - 1, Math.max(0, i)) * step];
      let sum = 0;
      for (let i = -size; i <= size; i++) sum += at(i);
      for (let i = 0; i < long; i++) {
        out[start + i * step] = sum / (2 * size + 1);
        sum += at(i + size + 1) - at(i - size);
      }
    }
  return out;
}
