export { isSpokenWord } from './lexicon';
