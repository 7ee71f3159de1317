import type { Pot } from '../../written/pot/pot';
import { potOn, type Shelf } from '../../predicted/paint/mixedPaint';
import { paintMl, sharesIn, volumeMlOf, type Amounts } from './puddle';
import type { Palette } from './well';

export const rooms = ['cold and damp', 'usual', 'warm and dry'] as const;
export type Room = (typeof rooms)[number];

/** A puddle on a dish stands about so deep, cm. */
const puddleDepthCm = 0.1;
/** Water an open surface loses in a usual room, cm of depth (ml per cm²) an hour: 0.2 mm. */
const evaporatesCm = 0.02;
/** How much faster or slower water goes in a room. */
export const roomFactor: Record<Room, number> = {
  'cold and damp': 0.5,
  usual: 1,
  'warm and dry': 1.8,
};
/** A damp sheet below gives back most of what is lost; a lid keeps nearly all of it. */
const keepingFactor: Record<Palette['keeping'], number> = { open: 1, damp: 0.12, covered: 0.015 };
const dryingFactor: Record<NonNullable<Pot['driesAs']>, number> = {
  slow: 0.6,
  usual: 1,
  quick: 1.6,
};
/** About half of a paint as it comes is water. */
const waterInPaint = 0.5;
/** Medium keeps hold of its water: so much of the loss is spared by a puddle that is all medium. */
const mediumSpares = 0.5;
/** Gone so far it drags on the brush and will not thin back evenly. */
const usableUntilLost = 0.3;

/**
 * How long a puddle stays usable from when it was mixed: until nearly a third of its water has
 * gone. Rough, from the area it spreads to and the loss of water from an open surface; a skin may
 * form sooner in a draught.
 *
 * @returns minutes, up to a week; 0 for an empty well
 */
export function staysUsableMinutes(
  amounts: Amounts,
  shelf: Shelf,
  keeping: Palette['keeping'],
  room: Room = 'usual',
): number {
  const volume = volumeMlOf(amounts);
  if (volume < 1e-6) return 0;
  const water = waterInPaint * paintMl(amounts) + amounts.waterMl + waterInPaint * amounts.mediumMl;
  const areaCm2 = volume / puddleDepthCm;
  const dries = sharesIn(amounts).reduce(
    (sum, { potId, share }) => sum + share * dryingFactor[potOn(shelf, potId).driesAs ?? 'usual'],
    0,
  );
  const lossPerHour =
    areaCm2 *
    evaporatesCm *
    roomFactor[room] *
    keepingFactor[keeping] *
    (dries || 1) *
    (1 - (mediumSpares * amounts.mediumMl) / volume);
  return Math.min(longest, ((usableUntilLost * water) / lossPerHour) * 60);
}

/** After a week a kept mix has settled or gone off, whatever water it has. */
const longest = 7 * 24 * 60;
