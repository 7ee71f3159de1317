import { solveLinear } from '../../light/colour/solveLinear';
import type { Pixels } from './pixels';

/** A background is so near to what its rim lets expect, in every channel, 0–255. */
const mostOff = 16;
/** A pixel further off on the rim belongs to the figure, or to something else that stands there. */
const mostOffOnRim = 30;

/** With less of the rim alike it is taken for even: a plane would be told by too little. */
const enoughOfRim = 0.6;

/**
 * The background of a picture: pixels like its rim that hang together with it, as the table or the sheet a figure
 * stands before, which may shade off evenly across the picture. A figure as light as what is behind
 * it cannot be told from it.
 *
 * @returns 1 for each pixel of it
 */
export function backgroundOf({ width, height, data }: Pixels): Uint8Array {
  const is = new Uint8Array(width * height);
  if (width < 3 || height < 3) return is;
  const rim = rimOf(width, height);
  const planes = [0, 1, 2].map((channel) => planeOn(rim, width, data, channel));
  const isLike = (pixel: number, most: number) =>
    planes.every(
      (plane, channel) =>
        Math.abs(data[pixel * 4 + channel] - onPlane(plane, pixel, width)) <= most,
    );
  const open: number[] = [];
  const take = (pixel: number) => {
    is[pixel] = 1;
    open.push(pixel);
  };
  for (const pixel of rim) if (!is[pixel] && isLike(pixel, mostOff)) take(pixel);
  for (let pixel = open.pop(); pixel !== undefined; pixel = open.pop()) {
    const column = pixel % width;
    const beside = [
      column > 0 ? pixel - 1 : -1,
      column < width - 1 ? pixel + 1 : -1,
      pixel - width,
      pixel + width,
    ];
    for (const next of beside)
      if (next >= 0 && next < is.length && !is[next] && isLike(next, mostOff)) take(next);
  }
  return is;
}

function rimOf(width: number, height: number): number[] {
  const rim: number[] = [];
  for (let column = 0; column < width; column++) rim.push(column, (height - 1) * width + column);
  for (let row = 1; row < height - 1; row++) rim.push(row * width, row * width + width - 1);
  return rim;
}

type Plane = readonly [at: number, across: number, down: number];

const onPlane = ([at, across, down]: Plane, pixel: number, width: number): number =>
  at + across * (pixel % width) + down * Math.floor(pixel / width);

/** How a channel runs over the rim, by least squares, once more without what stands out of it. */
function planeOn(
  rim: readonly number[],
  width: number,
  data: Uint8ClampedArray,
  channel: number,
): Plane {
  const usual = medianOf(rim.map((pixel) => data[pixel * 4 + channel]));
  let plane: Plane = [usual, 0, 0];
  for (const most of [2 * mostOffOnRim, mostOffOnRim]) {
    const like = rim.filter(
      (pixel) => Math.abs(data[pixel * 4 + channel] - onPlane(plane, pixel, width)) <= most,
    );
    const sums = new Float64Array(9);
    const right = new Float64Array(3);
    for (const pixel of like) {
      const place = [1, pixel % width, Math.floor(pixel / width)];
      place.forEach((one, i) => {
        place.forEach((other, k) => (sums[3 * i + k] += one * other));
        right[i] += one * data[pixel * 4 + channel];
      });
    }
    // No one side of a picture is so much of its rim: what is alike lies on no single line.
    if (like.length < enoughOfRim * rim.length) continue;
    const [at, across, down] = solveLinear(sums, right);
    plane = [at, across, down];
  }
  return plane;
}

function medianOf(bytes: number[]): number {
  bytes.sort((one, other) => one - other);
  return bytes[Math.floor(bytes.length / 2)];
}
