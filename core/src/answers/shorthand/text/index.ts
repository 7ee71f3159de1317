export {
  mostTextLetters,
  proposedLines,
  readProposed,
  stepsOf,
  unknownPots,
  withNamed,
  type ProposedLine,
  type ReadProposedLine,
} from './proposedLines';
export { asOneSurface, surfaceNamed, surfacesOfText, type SurfaceOfText } from './surfacesOfText';
export { mostQuestions, textQuestions, withAnswer, type TextQuestion } from './textQuestions';
