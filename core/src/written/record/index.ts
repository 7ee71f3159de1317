export { withKnownTakenIn } from './carriedFields';
export { fieldErrors, sentenceOf, type FieldError } from './fieldErrors';
export {
  idSchema,
  lineLimit,
  lineOfText,
  numberWithin,
  pageOfText,
  wholeNumberWithin,
} from './fields';
export { fingerprint } from './fingerprint';
export { isolated } from './isolated';
export { mergeContents } from './mergeContents';
export { isOpaqueId, opaquePrefix } from './opaqueId';
export { randomFrom } from './randomFrom';
export { readNumber, type NumberReading } from './readNumber';
export { keptSchema, momentSchema, revisionSchema, type Kept, type Moment } from './revision';
export { isSameContent } from './sameContent';
export { differencesFrom, takenBack, type StateDifference } from './takeBack';
