export { bareJpeg } from './bareJpeg';
export { greyByteOf } from './greyValue';
export { inValues, sharesInValues, valueGreys } from './inValues';
export {
  asKeptPicture,
  pictureBytes,
  pictureHash,
  pictureHashSchema,
  type FilePicture,
  type KeptPicture,
} from './keptPicture';
export { figureIn, lightField, wayUp, type LightField } from './lightField';
export {
  fewestValues,
  leastCut,
  mostValues,
  usualLightMap,
  type CutOut,
  type LightMapSettings,
} from './lightMapSettings';
export { lineAtTone, type LineAtTone } from './lineAtTone';
export {
  keptPictureSide,
  lookAtPicture,
  mostKeptBytes,
  PictureError,
  refuseLarge,
} from './lookAtPicture';
export {
  isOf,
  photographKinds,
  type Photograph,
  type PhotographKind,
  type PhotographOf,
} from './photograph';
export { photographAfter, photographsOfLines } from './photographsOfLines';
export { pictureFormats, pictureFormatWords } from './pictureFormats';
export type { Pixels } from './pixels';
export { recipeInValues, type RecipeInValues } from './recipeInValues';
