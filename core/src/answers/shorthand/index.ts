export { lineFrom } from './lineFrom';
export type { LineReading } from './lineReading';
export { potSaid, lineSentence } from './lineSentence';
export { PotNames, potNamesOf } from './potNames';
export { lacksPot, readLine } from './readLine';
export type { Beside, Mark as SentenceMark, Rough as RoughWord } from './said';
export { unknownAsNote } from './unknownAsNote';
export { withSaid } from './withSaid';
export { withTechnique } from './withTechnique';
