export { copiedLines } from './copiedLines';
export { coatsInWords, densityWords, howWords, placeWords, whereWords } from './lineWords';
export {
  differencesBetween,
  mergeRecipes,
  usualChoices,
  type Difference,
  type Side,
} from './mergeRecipes';
export { moveStep } from './moveStep';
export { ontoGround } from './ontoGround';
export { withFilm } from './withFilm';
export { withNewIds } from './withNewIds';
export { carriersOf, withoutStep, withStep } from './withoutStep';
export { writtenRecipe, type WrittenLine, type WrittenRecipe } from './writtenRecipe';
export { standardName } from './standardName';
