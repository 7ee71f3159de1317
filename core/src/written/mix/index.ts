export { loadOf, mixSchema, waterShareOf, type Mix, type MixPart, type Thinning } from './mix';
export { loadWords, mixWords, thinningWords } from './mixWords';
export { simplestParts } from './simplestParts';
