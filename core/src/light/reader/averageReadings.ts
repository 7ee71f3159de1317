import { bandCount } from '../colour/cieObserver';
import { colourDifference } from '../colour/colourDifference';
import type { Spectrum } from '../colour/spectrum';
import { surfaceColour } from '../colour/surfaceColour';
import type { AveragedReading } from './colourReader';

/**
 * The mean of several readings of one place, band by band.
 *
 * @throws RangeError when there is none
 */
export function averageReadings(readings: readonly Spectrum[]): AveragedReading {
  if (readings.length === 0) throw new RangeError('no readings to average');
  const reflectance = new Float64Array(bandCount);
  for (const reading of readings)
    for (let band = 0; band < bandCount; band++)
      reflectance[band] += reading[band] / readings.length;
  const mean = surfaceColour(reflectance);
  return {
    reflectance,
    spread: Math.max(...readings.map((reading) => colourDifference(surfaceColour(reading), mean))),
  };
}
