export { NothingToPaintWith, buildProgression, type Progression } from './buildProgression';
export { lightPot, shadePot } from './choosePots';
export { draftRecipe } from './draftRecipe';
export {
  mostInChain,
  progressionOptionsSchema,
  type ProgressionOptions,
} from './progressionOptions';
export {
  lightenChoices,
  type LightenChoice,
  schoolNames,
  schools,
  shadeChoices,
  thinChoices,
  type SchoolName,
} from './schools';
export { tonalLadder } from './tonalLadder';
