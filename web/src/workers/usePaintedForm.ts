import {
  finishedSurface,
  type BuildUp,
  type PaintedRibbon,
  type Recipe,
} from '@yellow-ledger/core';
import { ofShelf } from './parts';
import { useAnswer } from './useAnswer';

/**
 * The finished surface of a recipe as it is drawn on a form. Where lines are aimed, every way its
 * places look is worked out in the worker; until then the plain one stands for all.
 */
export function usePaintedForm(
  recipe: Recipe | undefined,
  build: BuildUp | null | undefined,
): PaintedRibbon | undefined {
  const isAimed = build !== null && build !== undefined && build.aspects.length > 0;
  const { answer } = useAnswer(
    ofShelf,
    [recipe, isAimed],
    (worker) => (recipe && isAimed ? worker.paintedForm(recipe) : Promise.resolve(null)),
    isAimed,
  );
  if (!build) return undefined;
  if (isAimed && answer) return answer;
  return { stops: [...build.stops], hexes: finishedSurface(build).map(({ hex }) => hex) };
}
