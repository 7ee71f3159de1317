import type { Pixels } from '../picture/pixels';
import type { Homography } from './homography';
import type { Box } from './sheetLayout';

/** Light of one place, its three channels, 0–1. */
export type Light = [number, number, number];

/** The light seen in a box of the sheet. */
export interface SeenBox {
  light: Light;
  /** spread of it over the box, as a share of the mean, the worst channel */
  uneven: number;
  /** share of it that is burnt out */
  burnt: number;
  /** share of it so dark that nothing is told of it */
  lost: number;
}

const samplesAcross = 9;
const burntFrom = 252;
const lostTo = 0;

/** sRGB bytes as light. @source IEC 61966-2-1 */
const lightOfByte = Float64Array.from({ length: 256 }, (_, byte) => {
  const share = byte / 255;
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
});

/** The middle of a patch, away from its edges. */
export const boxOf = ({ x, y, width, height }: Box): Box => ({
  x: x + width * 0.22,
  y: y + height * 0.22,
  width: width * 0.56,
  height: height * 0.56,
});

/**
 * The light seen in a box: a mean without the lightest and darkest tenth, so that a speck or a hair
 * does not count. Null where the box lies outside the picture.
 */
export function meanOf(
  { width, height, data }: Pixels,
  toPicture: Homography,
  box: Box,
): SeenBox | null {
  const down = Math.max(3, Math.round((samplesAcross * box.height) / box.width));
  const across = Math.max(
    3,
    Math.round((samplesAcross * box.width) / Math.max(box.width, box.height)),
  );
  const channels: [number[], number[], number[]] = [[], [], []];
  let burnt = 0;
  let lost = 0;
  for (let row = 0; row < down; row++)
    for (let column = 0; column < across; column++) {
      const place = toPicture({
        x: box.x + ((column + 0.5) / across) * box.width,
        y: box.y + ((row + 0.5) / down) * box.height,
      });
      const x = Math.floor(place.x);
      const y = Math.floor(place.y);
      if (!(x >= 0 && y >= 0 && x < width && y < height)) return null;
      const at = (y * width + x) * 4;
      if (data[at] >= burntFrom || data[at + 1] >= burntFrom || data[at + 2] >= burntFrom) burnt++;
      if (data[at] <= lostTo || data[at + 1] <= lostTo || data[at + 2] <= lostTo) lost++;
      channels.forEach((channel, i) => channel.push(lightOfByte[data[at + i]]));
    }
  const count = across * down;
  const trimmed = channels.map((channel) => {
    channel.sort((one, other) => one - other);
    const cut = Math.floor(count / 10);
    const kept = channel.slice(cut, count - cut);
    const mean = kept.reduce((sum, each) => sum + each, 0) / kept.length;
    return { mean, spread: (kept[kept.length - 1] - kept[0]) / 2 };
  });
  const light = trimmed.map(({ mean }) => mean) as Light;
  const uneven = Math.max(...trimmed.map(({ mean, spread }) => spread / Math.max(mean, 0.01)));
  return { light, uneven, burnt: burnt / count, lost: lost / count };
}
