export { controlChart, firstModels, type ControlChart, type Lab } from './controlChart';
export { explainDrift, labsOf, type DriftCause } from './explainDrift';
export { fitFilm, fitHiding, type Fit } from './fitHand';
export { likelierPlace } from './likelierPlace';
export { PhotoError, readPhoto, usualGreyValue } from './photoReading';
export { readModels } from './readModels';
export { atTone, lineOfPlace, placeKey, toneOf, type ReadPlace } from './readPlace';
