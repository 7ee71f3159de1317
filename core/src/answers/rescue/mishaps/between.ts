import type { Spectrum } from '../../../light/colour/spectrum';

/** Reflectance with a share of the way gone from one to another. */
export const between = (from: Spectrum, to: Spectrum, share: number): Spectrum =>
  from.map((reflectance, band) => reflectance + share * (to[band] - reflectance));
