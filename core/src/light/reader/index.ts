export { averageReadings } from './averageReadings';
export { ReaderError, type AveragedReading, type ColourReader } from './colourReader';
export { simulatedReader } from './simulatedReader';
