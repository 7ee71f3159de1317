export { asMixed, brushedOf, deviationsOf, isSameBrushed, mixOfBrushed } from './asMixed';
export { corrected, correctionId, firstIdOf, type Correction } from './corrected';
