import type { Pixels } from '../picture/pixels';

/** Pixels that hang together and are darker than what is around them. */
export interface Blob {
  left: number;
  right: number;
  top: number;
  bottom: number;
  area: number;
  /** its middle */
  x: number;
  y: number;
}

const leastArea = 9;

/** A picture in greys, 0–255, each pixel the mean of so many. */
export interface Greys {
  width: number;
  height: number;
  value: Float32Array;
  /** pixels of the picture along one of these */
  scale: number;
}

/** The picture in greys, its longer side at most so many pixels. */
export function greysOf({ width, height, data }: Pixels, longest: number): Greys {
  const scale = Math.max(1, Math.ceil(Math.max(width, height) / longest));
  const across = Math.floor(width / scale);
  const down = Math.floor(height / scale);
  const value = new Float32Array(across * down);
  for (let y = 0; y < down * scale; y++)
    for (let x = 0; x < across * scale; x++) {
      const at = (y * width + x) * 4;
      value[Math.floor(y / scale) * across + Math.floor(x / scale)] +=
        0.3 * data[at] + 0.59 * data[at + 1] + 0.11 * data[at + 2];
    }
  const count = scale * scale;
  for (let i = 0; i < value.length; i++) value[i] /= count;
  return { width: across, height: down, value, scale };
}

/**
 * Dark blobs of a picture, judged by the light around each pixel, so that shadows and uneven light
 * are none.
 *
 * @param around pixels to each side that count as around
 * @param darkBelow dark is what is darker than this share of that light, 0–1
 */
export function darkBlobs(
  { width, height, value }: Greys,
  around: number,
  darkBelow: number,
): Blob[] {
  const sums = new Float64Array((width + 1) * (height + 1));
  for (let y = 0; y < height; y++) {
    let row = 0;
    for (let x = 0; x < width; x++) {
      row += value[y * width + x];
      sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1] + row;
    }
  }
  const isDark = new Uint8Array(width * height);
  for (let y = 0; y < height; y++) {
    const top = Math.max(0, y - around);
    const bottom = Math.min(height, y + around + 1);
    for (let x = 0; x < width; x++) {
      const left = Math.max(0, x - around);
      const right = Math.min(width, x + around + 1);
      const sum =
        sums[bottom * (width + 1) + right] -
        sums[top * (width + 1) + right] -
        sums[bottom * (width + 1) + left] +
        sums[top * (width + 1) + left];
      const mean = sum / ((right - left) * (bottom - top));
      if (value[y * width + x] < darkBelow * mean) isDark[y * width + x] = 1;
    }
  }
  return blobsOf(isDark, width, height);
}

function blobsOf(isDark: Uint8Array, width: number, height: number): Blob[] {
  const blobs: Blob[] = [];
  const waiting = new Int32Array(width * height);
  for (let start = 0; start < isDark.length; start++) {
    if (isDark[start] !== 1) continue;
    let count = 0;
    let taken = 0;
    waiting[count++] = start;
    isDark[start] = 2;
    const blob = { left: width, right: 0, top: height, bottom: 0, area: 0, x: 0, y: 0 };
    while (taken < count) {
      const at = waiting[taken++];
      const x = at % width;
      const y = (at - x) / width;
      blob.area++;
      blob.x += x;
      blob.y += y;
      blob.left = Math.min(blob.left, x);
      blob.right = Math.max(blob.right, x);
      blob.top = Math.min(blob.top, y);
      blob.bottom = Math.max(blob.bottom, y);
      const look = (next: number, isThere: boolean) => {
        if (!isThere || isDark[next] !== 1) return;
        isDark[next] = 2;
        waiting[count++] = next;
      };
      look(at - 1, x > 0);
      look(at + 1, x < width - 1);
      look(at - width, y > 0);
      look(at + width, y < height - 1);
    }
    if (blob.area < leastArea) continue;
    blobs.push({ ...blob, x: blob.x / blob.area, y: blob.y / blob.area });
  }
  return blobs;
}
