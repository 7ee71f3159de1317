import { bandCount } from '../colour/cieObserver';
import type { Spectrum } from '../colour/spectrum';
import type { Optics } from './optics';

/**
 * Colour of a film over a ground, two-constant Kubelka–Munk.
 *
 * The published form R = (1 − R₀(a − b·coth bSX)) / (a − R₀ + b·coth bSX) is multiplied through by
 * S, which makes the limit S → 0 (absorption only) and K = S = 0 (nothing there) ordinary cases.
 *
 * @param ground reflectance of what lies below, 38 bands, each 0–1
 * @param paint absorption K and scattering S per film, 38 bands each
 * @param thickness in films (1 = one neat brushed coat, about 40 µm wet), ≥ 0
 * @returns reflectance of the surface, 38 bands
 * @throws RangeError when the thickness is negative or no number
 * @source P. Kubelka, J. Opt. Soc. Am. 38 (1948) 448
 * @example filmOver(black, marigold, 0) // → black
 */
export function filmOver(ground: Spectrum, paint: Optics, thickness: number): Spectrum {
  return throughFilm(ground, paint, filmTransfer(paint, thickness));
}

/**
 * The part of the film equation that does not depend on what lies below, b·S·coth(bSX), so that a
 * change of ground costs a division a band. Infinite where the thickness is 0.
 */
export function filmTransfer({ absorption, scattering }: Optics, thickness: number): Spectrum {
  if (!(thickness >= 0)) throw new RangeError(`thickness ${thickness} is not 0 or more films`);
  const transfer = new Float64Array(bandCount);
  for (let band = 0; band < bandCount; band++) {
    const k = absorption[band];
    const beta = Math.sqrt(k * k + 2 * k * scattering[band]);
    const depth = beta * thickness;
    transfer[band] = depth < 1e-7 ? 1 / thickness : beta / Math.tanh(depth);
  }
  return transfer;
}

/**
 * `filmOver` with its `filmTransfer` worked out before.
 *
 * @param surface where the result is written; the ground itself may be it
 */
export function throughFilm(
  ground: Spectrum,
  { absorption, scattering }: Optics,
  transfer: Spectrum,
  surface: Spectrum = new Float64Array(bandCount),
): Spectrum {
  for (let band = 0; band < bandCount; band++) {
    const s = scattering[band];
    const alpha = s + absorption[band];
    const c = transfer[band];
    const below = ground[band];
    surface[band] = c === Infinity ? below : (s - below * (alpha - c)) / (alpha - below * s + c);
  }
  return surface;
}
