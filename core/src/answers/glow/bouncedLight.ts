import { placesOf } from '../work/army/figure';
import type { UnitSurface } from '../work/army/army';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { reflectanceToXyz } from '../../light/colour/reflectanceToXyz';
import { placePoints } from './figureBody';
import type { PointLight } from './pointLight';

/** Of the daylight on a surface that it sends back, so much comes to what lies beside it. */
const toBeside = 0.55;
/** It is seen no further than this, figures high. */
const reach = 0.45;

/**
 * The light a surface throws on what lies beside it: itself as a light, as strong and as coloured as
 * what it sends back of daylight.
 *
 * @param hex what the surface reads as at arm's length
 */
export function bouncedLight(surface: UnitSurface, hex: string): PointLight {
  const points = placesOf(surface).flatMap((place) => placePoints[place]);
  const mean = (axis: 0 | 1 | 2) =>
    points.reduce((sum, point) => sum + point[axis], 0) / Math.max(1, points.length);
  const { y } = reflectanceToXyz(reflectanceFromHex(colourOfHex(hex).hex));
  return {
    at: [mean(0), mean(1), mean(2)],
    hex,
    strength: Math.min(8, Math.max(0.1, toBeside * y)),
    reach,
  };
}
