export type { DropMore, DropOf } from './dropMore';
export { loadOf, mixSchema, waterShareOf, type Mix, type MixPart, type Thinning } from './mix';
export { loadWords, mixWords, partsWords, thinningWords } from './mixWords';
export { partsOfShares, simplestParts } from './simplestParts';
