export { depositOf, filmOf, layOver } from './applyStep';
export { aspectOfLine, aspectsOfRecipe } from './aspectsOfRecipe';
export {
  buildUpOfAim,
  everyAspect,
  finishedSurface,
  mainBuildUps,
  shownBuildUp,
  type AspectBuildUp,
  type BuildUp,
  type StepBuildUp,
} from './buildUp';
export { BuildUpPredictor } from './buildUpPredictor';
export { pairLines, worstPlace, type LinePair, type WorstPlace } from './compareLines';
export { estimatesOf, type EstimateCause } from './estimatesOf';
export { passesAt, passesToward, type Passes, type PassesToward } from './passes';
export { coverageOf } from './coverageOf';
export { predictBuildUp, predictMainBuildUp } from './predictBuildUp';
export { laidOver, surfaceBelow } from './surfaceBelow';
export { valueStaircase, type Stair } from './valueStaircase';
export { wetVolumeMl } from './wetVolume';
