import type { Spectrum } from '../colour/spectrum';

/** The optics of a paint: absorption K and scattering S per film, 38 bands each, all ≥ 0. */
export interface Optics {
  absorption: Spectrum;
  scattering: Spectrum;
}
