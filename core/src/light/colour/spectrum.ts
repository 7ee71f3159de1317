import { bandCount } from './cieObserver';

/** One figure a band, 38 bands from 380 to 750 nm: a reflectance (0–1), or K or S per film (≥ 0). */
export type Spectrum = Float64Array;

/** A spectrum with the same figure in every band. @example flatSpectrum(0.5) // mid-grey reflectance */
export function flatSpectrum(figure: number): Spectrum {
  return new Float64Array(bandCount).fill(figure);
}
