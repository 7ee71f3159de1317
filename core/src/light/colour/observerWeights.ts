import { convertRgbToXyz65 } from 'culori/fn';
import { bandCount, d65, xBar, yBar, zBar } from './cieObserver';
import type { Spectrum } from './spectrum';

/**
 * Weights that sum a reflectance to CIE XYZ under D65, scaled so that the perfect white reflector
 * (1 in every band) is exactly the white of sRGB. Summing only 38 bands misses that white by under
 * 0.1 %; without the scaling a white swatch would not come back white.
 */
export const observerWeights: readonly [Spectrum, Spectrum, Spectrum] = (() => {
  const white = convertRgbToXyz65({ r: 1, g: 1, b: 1 });
  const scaled = (response: Spectrum, whiteFigure: number): Spectrum => {
    const weights = new Float64Array(bandCount);
    let sum = 0;
    for (let band = 0; band < bandCount; band++) sum += response[band] * d65[band];
    for (let band = 0; band < bandCount; band++)
      weights[band] = (response[band] * d65[band] * whiteFigure) / sum;
    return weights;
  };
  return [scaled(xBar, white.x), scaled(yBar, white.y), scaled(zBar, white.z)];
})();
