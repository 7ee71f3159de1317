export { aimKeyOf, aimOf } from './aimOf';
export { aimProblem } from './aimProblem';
export { depositAt } from './depositAt';
export { flattenMix, type PotShare } from './flattenMix';
export { coatsOf, includedSteps, rangeOfCoats, reaches } from './includedSteps';
export { mixLineage, staysWetUntil, type MixOrigin, type StaysWet } from './mixLineage';
export {
  mostSteps,
  potIdsOf,
  recipeHeadSchema,
  recipeNotesSchema,
  recipeSchema,
  type Recipe,
  type RecipeHead,
  type RecipeNotes,
  type RecipeParent,
} from './recipe';
export { pinKey, type RecipePin } from './recipePin';
export { formOf, shapeOf } from './shapeOf';
export {
  finishLevels,
  mostCoats,
  stages,
  stepSchema,
  type FinishLevel,
  type Stage,
  type Step,
} from './step';
export { surfaceFacts, type SurfaceFacts } from './surfaceFacts';
export { freezeSchema, versionSchema, type Freeze, type Version } from './version';
