export { bandCount } from './cieObserver';
export { colourDifference } from './colourDifference';
export { colourOfHex } from './colourOfHex';
export { colourOfLab } from './colourOfLab';
export { correctedForLight, lightProblem, type KnownPlace } from './correctedForLight';
export { differenceWords } from './differenceWords';
export { hexSchema, readHex } from './hex';
export {
  hexOfHueStrengthBrightness,
  hueStrengthBrightnessOf,
  type HueStrengthBrightness,
} from './hueStrengthBrightness';
export { meanHex } from './meanHex';
export { reflectanceFromHex, solveReflectance } from './reflectanceFromHex';
export { reflectanceToXyz } from './reflectanceToXyz';
export { flatSpectrum, type Spectrum } from './spectrum';
export { colourOfXyz, surfaceColour, type SurfaceColour } from './surfaceColour';
