import {
  adviseRecipe,
  BuildUpPredictor,
  everyAspect,
  finishedSurface,
  layersOn,
  onEachOther,
  onGround,
  shapeOf,
  shownBuildUp,
  type AspectBuildUp,
  type Army,
  type BuildUp,
  type Layer,
  type Remark,
  type Shape,
  type Unit,
} from '@yellow-ledger/core';
import { armyRecipes } from '../../../workers/shared/armyRecipes';
import { shelfInHand } from '../../../workers/shared/ledgerData';

/** Something over surfaces, as it lies on one of them. */
export interface OverOnSurface {
  surfaceId: string;
  name: string;
  build: BuildUp;
  /** of its form, with the spots of all that lies there */
  shape: Shape;
  /** as a whole it hardly looks otherwise than before, anywhere */
  isUnseen: boolean;
  /** what will not be as it is meant there, with the line each is about; 0 for the whole */
  objections: { line: number; remark: Remark }[];
}

/** A result an edit leaves unchanged is not predicted again; one is kept for each effect on each surface. */
const predictors = new Map<string, BuildUpPredictor>();
const mostPredictors = 120;

function predictorFor(key: string): BuildUpPredictor {
  const known = predictors.get(key) ?? new BuildUpPredictor();
  if (predictors.size >= mostPredictors) predictors.clear();
  predictors.set(key, known);
  return known;
}

/** Less than this nobody sees, ΔL* or Δab. */
const seenFrom = 1;

export const overWork = {
  /**
   * The effect on each surface it goes over, on the layers below it there.
   *
   * @returns null where it is gone or has no recipe
   */
  overOnEach(army: Army, unit: Unit, overId: string): OverOnSurface[] | null {
    const { recipeOf } = armyRecipes(army);
    const over = unit.overs?.find(({ id }) => id === overId);
    if (!over?.recipe || !recipeOf(over.recipe)) return null;
    return unit.surfaces.flatMap((surface) => {
      const layers = layersOn(army, unit, surface.id, recipeOf);
      const place = layers.findIndex((layer) => layer.surface.id === overId);
      if (place < 0) return [];
      const onto = layers.slice(0, place);
      // On a surface without a recipe nothing is known to lie.
      if (!onto.some((layer) => layer.surface.id === surface.id)) return [];
      return [
        {
          surfaceId: surface.id,
          name: surface.name,
          ...laidOn([...onto, layers[place]], `${surface.id} ${overId}`),
        },
      ];
    });
  },
};

function laidOn(layers: readonly Layer[], key: string): Omit<OverOnSurface, 'surfaceId' | 'name'> {
  const laid = onEachOther(
    layers.map(({ recipe }) => recipe),
    shelfInHand(),
  );
  const top = laid.recipes[laid.recipes.length - 1];
  const build = predictorFor(key).predict(top, laid.shelf);
  const objections = adviseRecipe(top, build, laid.shelf)
    .filter(({ kind, isSetAside }) => kind === 'objection' && !isSetAside)
    .map((remark) => ({
      line: top.steps.findIndex(({ id }) => id === remark.stepId) + 1,
      remark,
    }));
  const shape = shapeOf(onGround(top, laid.shelf).recipe);
  return {
    build: shownBuildUp(build),
    shape,
    isUnseen: !everyAspect(build).some(isChanged),
    objections,
  };
}

const isChanged = (build: AspectBuildUp) =>
  finishedSurface(build).some(({ value, a, b }, i) => {
    const before = build.ground[i];
    return Math.hypot(value - before.value, a - before.a, b - before.b) >= seenFrom;
  });
