import { bandCount } from '../colour/cieObserver';
import type { Spectrum } from '../colour/spectrum';
import type { Optics } from './optics';

/**
 * K/S of a paint from its reflectance when thick and opaque: (1 − R)² / 2R.
 *
 * @param reflectance of the masstone in one band, above 0 and up to 1
 * @source P. Kubelka and F. Munk, Z. tech. Physik 12 (1931) 593
 */
export function kOverSOfMasstone(reflectance: number): number {
  return (1 - reflectance) ** 2 / (2 * reflectance);
}

/**
 * Reflectance of a paint laid on so thick that nothing below shows: 1 + K/S − √((K/S)² + 2K/S).
 *
 * @returns 38 bands, each 0–1. Where the paint does nothing to light (K = S = 0) there is no
 *   masstone; 1 is given, as of a clear layer over white.
 */
export function masstoneOf({ absorption, scattering }: Optics): Spectrum {
  const reflectance = new Float64Array(bandCount);
  for (let band = 0; band < bandCount; band++) {
    const k = absorption[band];
    const s = scattering[band];
    // Multiplied out by S so that S = 0 needs no division: S / (S + K + √(K² + 2KS)).
    const total = s + k + Math.sqrt(k * k + 2 * k * s);
    reflectance[band] = total > 0 ? s / total : 1;
  }
  return reflectance;
}
