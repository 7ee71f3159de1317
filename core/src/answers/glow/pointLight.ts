import { z } from 'zod';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { reflectanceToXyz } from '../../light/colour/reflectanceToXyz';
import { hexSchema } from '../../light/colour/hex';
import type { Spectrum } from '../../light/colour/spectrum';
import { directionOf, sideNames, type AimSide } from '../../written/place/aim';
import { usualLight } from '../../written/place/light';
import { numberWithin } from '../../written/record/fields';
import { distance, isShadowed, towards, type Vector } from './figureBody';

/** A light that stands at a point on the figure or beside it. */
export const pointLightSchema = z.strictObject({
  at: z.tuple([numberWithin(-2, 2), numberWithin(-1, 3), numberWithin(-2, 2)]),
  hex: hexSchema.describe('its colour'),
  strength: numberWithin(0.1, 8).describe('beside it, as a multiple of daylight'),
  reach: numberWithin(0.05, 3).describe('where nothing of it is seen any more, figures high'),
});

export type PointLight = z.infer<typeof pointLightSchema>;

/** Half of its strength is left at this distance from it, figures high. */
export const halfAt = 0.15;
/** Less than this multiple of daylight is not painted. */
export const leastPainted = 0.06;

/** Effect of a point light at one point of a figure. */
export interface LitPoint {
  /** multiple of daylight on what faces it squarely; 0 where it does not reach */
  strength: number;
  /** towards the light, one long */
  way: Vector;
  /** why nothing comes there; null where something does */
  because: 'too far' | 'behind the body' | null;
}

/**
 * Light at a point: it falls with the square of the distance beyond its own size, fades out towards
 * its reach, and does not go through the body.
 */
export function litAt(point: Vector, { at, strength, reach }: PointLight): LitPoint {
  const far = distance(point, at);
  const way = towards(point, at);
  const fade = Math.max(0, 1 - (far / reach) ** 2);
  const left = (strength * halfAt ** 2 * fade) / (halfAt ** 2 + far ** 2);
  if (left < leastPainted) return { strength: 0, way, because: 'too far' };
  if (isShadowed(point, at)) return { strength: 0, way, because: 'behind the body' };
  return { strength: left, way, because: null };
}

/** The side of the figure that is nearest to a direction. */
export function sideTowards([x, y, z]: Vector): AimSide {
  const along = (side: AimSide) => {
    const [u, v, w] = directionOf(side, usualLight);
    return x * u + y * v + z * w;
  };
  return sideNames
    .filter((side) => side !== 'light' && side !== 'dark')
    .reduce((best, side) => (along(side) > along(best) ? side : best));
}

/** Paint gives back no more than this: the nearer a light brings a place to it, the less it adds. */
const brightest = 0.93;

/**
 * The reflectance a surface needs in daylight to look as it would under daylight and a light beside
 * it: light is added, reflectances multiply.
 *
 * @param reflectance of the surface, 38 bands
 * @param strength of the light there, as a multiple of daylight
 * @param hex colour of the light
 */
export function paintedAsLit(reflectance: Spectrum, strength: number, hex: string): Spectrum {
  const colour = reflectanceFromHex(hex);
  // Of equal brightness whatever its colour, so that a red light is no darker than a white one.
  const { y } = reflectanceToXyz(colour);
  const scale = strength / Math.max(0.05, y);
  return reflectance.map((each, band) => {
    const room = Math.max(0.01, brightest - each);
    return each + room * (1 - Math.exp((-each * scale * colour[band]) / room));
  });
}
