export { meaningTells, meaningWord, meanings, type Meaning } from './meaning';
export { surfaces, type SurfaceName } from './surfaceNames';
export {
  isMessy,
  techniqueNames,
  techniqueOf,
  type Technique,
  type TechniqueName,
} from './techniques';
export {
  brushFacts,
  brushNames,
  brushSizes,
  strokeFacts,
  strokeNames,
  toolWords,
  type Tool,
} from './tool';
