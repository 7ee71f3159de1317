import { bandCount } from '../colour/cieObserver';
import { flatSpectrum } from '../colour/spectrum';
import type { Optics } from './optics';

/** So many parts of a paint in a mix. */
export interface Share {
  optics: Optics;
  /** any unit, above 0; only the proportions count */
  parts: number;
}

/**
 * Paints stirred together: K = Σ cᵢKᵢ and S = Σ cᵢSᵢ over their shares of the volume.
 *
 * @throws RangeError when there is nothing to mix or a part is not above 0
 * @source D. R. Duncan, J. Oil Colour Chem. Assoc. 32 (1949) 296
 */
export function mixOptics(shares: readonly Share[]): Optics {
  let total = 0;
  for (const { parts } of shares) {
    if (!(parts > 0)) throw new RangeError(`${parts} parts cannot be mixed; parts are above 0`);
    total += parts;
  }
  if (shares.length === 0) throw new RangeError('an empty mix has no colour');
  const mixed = { absorption: flatSpectrum(0), scattering: flatSpectrum(0) };
  for (const { optics, parts } of shares) {
    const share = parts / total;
    for (let band = 0; band < bandCount; band++) {
      mixed.absorption[band] += share * optics.absorption[band];
      mixed.scattering[band] += share * optics.scattering[band];
    }
  }
  return mixed;
}
