import { bandCount } from '../colour/cieObserver';
import type { Spectrum } from '../colour/spectrum';
import { ReaderError } from './colourReader';
import type { ColourReader } from './colourReader';

/** The backing a simulated reader stands on. */
export interface SimulatedSurface {
  /** 38 bands */
  reflectance: Spectrum;
  /** false: held off the surface, so that light from the room gets in */
  isTouching: boolean;
}

export interface SimulatedFaults {
  /** standard deviation of one band of one reading, as a share of full scale */
  noise: number;
  /** share of its light the lamp loses with each reading */
  lampDrift: number;
  /** readings after which it asks for its white tile again */
  readingsPerCalibration: number;
}

/** About what a small handheld device has. */
export const usualFaults: SimulatedFaults = {
  noise: 0.0003,
  lampDrift: 0.0001,
  readingsPerCalibration: 24,
};

/** Reflectance of the white tile in every band, as printed on it. */
const tileReflects = 0.92;

/**
 * A colour reader that is only computed: the surface seen through a lamp that loses light from
 * reading to reading, with noise in every band, told against a white tile read the same way.
 *
 * @param seed the same seed gives the same readings
 */
export function simulatedReader(
  seed: number,
  { noise, lampDrift, readingsPerCalibration }: SimulatedFaults = usualFaults,
): ColourReader<SimulatedSurface> {
  const next = normalFigures(seed);
  let lamp = 1;
  let sinceTile: number | null = null;
  let tile = new Float64Array(bandCount);

  /** Light that comes back, band by band. */
  const lookAt = (reflects: (band: number) => number) => {
    lamp *= 1 - lampDrift;
    return Float64Array.from({ length: bandCount }, (_, band) =>
      Math.max(0, lamp * reflects(band) + noise * next()),
    );
  };

  return {
    async calibrate() {
      tile = lookAt(() => tileReflects);
      sinceTile = 0;
    },

    async read({ reflectance, isTouching }) {
      if (sinceTile === null)
        throw new ReaderError(
          'not-calibrated',
          'The reader has not seen its white tile yet: put it on the tile and calibrate it.',
        );
      if (sinceTile >= readingsPerCalibration)
        throw new ReaderError(
          'not-calibrated',
          `The lamp has drifted over ${sinceTile} readings: put the reader on its white tile again.`,
        );
      if (!isTouching)
        throw new ReaderError(
          'not-touching',
          'The reader is not flat on the surface: light from the room gets in. Set it down and read again.',
        );
      sinceTile++;
      const light = lookAt((band) => reflectance[band]);
      return light.map((figure, band) => Math.min(1, (figure / tile[band]) * tileReflects));
    },
  };
}

/** Normally distributed figures, the same for the same seed. @source Box and Muller 1958 */
function normalFigures(seed: number): () => number {
  let state = (Math.abs(Math.trunc(seed)) % 2147483646) + 1;
  const even = () => (state = (state * 16807) % 2147483647) / 2147483647;
  return () => Math.sqrt(-2 * Math.log(even())) * Math.cos(2 * Math.PI * even());
}
