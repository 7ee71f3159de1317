import fc from 'fast-check';
import { flatSpectrum, type Spectrum } from '../light/colour/spectrum';
import { opticsOfPot } from '../predicted/paint/opticsOfPot';

/** Any sRGB colour as a swatch. */
export const anyHex = fc
  .integer({ min: 0, max: 0xffffff })
  .map((figure) => `#${figure.toString(16).padStart(6, '0')}`);

/** Any hiding a pot on a table has. */
export const anyHiding = fc.double({ min: 0.01, max: 0.99, noNaN: true });

/** Optics of any pot. */
export const anyPaint = fc
  .tuple(anyHex, anyHiding)
  .map(([swatch, hiding]) => opticsOfPot(swatch, hiding));

/** Any evenly grey ground. */
export const anyGround = fc.double({ min: 0, max: 1, noNaN: true }).map(flatSpectrum);

export const anyThickness = fc.double({ min: 0, max: 6, noNaN: true });

/** Largest difference between two spectra, over the bands. */
export function furthestApart(one: Spectrum, other: Spectrum): number {
  return one.reduce((most, figure, band) => Math.max(most, Math.abs(figure - other[band])), 0);
}
