import { bandCount } from './cieObserver';
import { observerWeights } from './observerWeights';
import type { Spectrum } from './spectrum';

/** CIE XYZ relative to a perfect white (Y 0–1), D65, 2° observer. */
export interface Xyz {
  x: number;
  y: number;
  z: number;
}

/**
 * The eye's three responses to a surface in daylight.
 *
 * @param reflectance 38 bands, each 0–1
 * @example reflectanceToXyz(flatSpectrum(1)).y // → 1
 */
export function reflectanceToXyz(reflectance: Spectrum): Xyz {
  const [wx, wy, wz] = observerWeights;
  let x = 0;
  let y = 0;
  let z = 0;
  for (let band = 0; band < bandCount; band++) {
    const figure = reflectance[band];
    x += figure * wx[band];
    y += figure * wy[band];
    z += figure * wz[band];
  }
  return { x, y, z };
}
