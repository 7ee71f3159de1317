import { bandCount } from '../../light/colour/cieObserver';
import type { Spectrum } from '../../light/colour/spectrum';
import { kOverSOfMasstone } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';

/** No band of a hobby paint scatters or absorbs more than this in one film. */
const most = 60;
const least = 1e-9;

/**
 * K and S of a paint that was seen both ways: thick, which gives K/S, and as one film over white,
 * which gives their size. With a = 1 + K/S, b = √(a² − 1) and R the film over a ground of 1, the film
 * equation gives b·coth(bS) = (a − 1)(1 + R) / (1 − R).
 *
 * @param thick reflectance of the masstone, 38 bands
 * @param overWhite reflectance of one film over white, 38 bands; where it is no lighter than the
 *   masstone the film hides outright
 * @source P. Kubelka, J. Opt. Soc. Am. 38 (1948) 448, with R₀ = 1 solved for S
 */
export function opticsOfTwoColours(thick: Spectrum, overWhite: Spectrum): Optics {
  const absorption = new Float64Array(bandCount);
  const scattering = new Float64Array(bandCount);
  for (let band = 0; band < bandCount; band++) {
    const ratio = Math.max(least, kOverSOfMasstone(Math.max(least, thick[band])));
    const reflected = Math.min(1 - least, overWhite[band]);
    const b = Math.sqrt(ratio * ratio + 2 * ratio);
    const y = (ratio * (1 + reflected)) / (1 - reflected);
    const hides = y <= b * (1 + least);
    const size = hides ? most : Math.atanh(b / y) / b;
    // Where the masstone absorbs far more than it scatters, it is the absorption that is bounded.
    const s = Math.min(size, most / Math.max(1, ratio));
    absorption[band] = ratio * s;
    scattering[band] = s;
  }
  return { absorption, scattering };
}
