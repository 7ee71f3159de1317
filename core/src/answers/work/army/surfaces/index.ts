export { belonging, type Belonging, type JudgedSurface } from './belonging';
export {
  dealVariants,
  dealtWithShares,
  dealtRecipes,
  likeNeighbours,
  variedSurfaces,
  withOwnRecipe,
} from './dealVariants';
export { layersOn, onEachOther, type Layer } from './layersOn';
export { maxOvers, overSchema, type Over } from './over';
export { isHeldBack, stepsFor } from './stepsFor';
export { coveredBy, surfaceOf, turnOf, workSurfaces, type WorkSurface } from './workSurfaces';
