export { mostLetters as mostSentenceLetters, readSentence } from './readSentence';
