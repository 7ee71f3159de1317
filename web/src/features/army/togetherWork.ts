import {
  belonging,
  dealVariants,
  formOf,
  includedSteps,
  pinKey,
  pinOf,
  onEachOther,
  potIdsOf,
  workSurfaces,
  predictBuildUp,
  readsAsWhole,
  unitOf,
  variedSurfaces,
  type Army,
  type Belonging,
  type JudgedSurface,
  type OwnRecipe,
  type RecipePin,
  type SurfaceColour,
  type Unit,
  type UnitSurface,
} from '@yellow-ledger/core';
import { armyRecipes, type ArmyRecipes } from '../../workers/shared/armyRecipes';
import { shelfInHand, whenChanged } from '../../workers/shared/ledgerData';

/** A model as it stands there painted. */
export interface Together {
  /** by surface; those with a recipe */
  reads: Record<string, SurfaceColour>;
  belonging: Belonging;
  without: string[];
}

/** The look of the variants of a unit, and the ones dealt to each model. */
export interface DealtUnit {
  /** by recipe pin */
  reads: Record<string, SurfaceColour>;
  names: Record<string, string>;
}

/** Results of recipes, until one of them or a pot changes. */
const judgedBy = new Map<string, Omit<JudgedSurface, 'surface'>>();
whenChanged(['pots', 'grounds', 'recipes', 'versions'], () => judgedBy.clear());

export const togetherWork = {
  /** One model of a unit: what it reads as, and whether its surfaces belong together. */
  together(army: Army, unitId: string, model: number): Together | null {
    const unit = unitOf(army, unitId);
    if (!unit) return null;
    const recipes = armyRecipes(army);
    const judged = judgedSurfaces(unit, (surface) => pinOf(army, surface, unit, model), recipes);
    return {
      reads: Object.fromEntries(judged.map(({ surface, reads }) => [surface.id, reads])),
      belonging: belonging(judged),
      without: unit.surfaces
        .filter(({ id }) => !judged.some(({ surface }) => surface.id === id))
        .map(({ id }) => id),
    };
  },

  /** Deals the variants of a unit anew; what clashes on one model is left out where it can be. */
  deal(army: Army, unitId: string, seed: number): OwnRecipe[] {
    const unit = unitOf(army, unitId);
    if (!unit) return [];
    const recipes = armyRecipes(army);
    const varied = variedSurfaces(unit);
    const rest = unit.own?.filter(({ surfaceId }) => !varied.some(({ id }) => id === surfaceId));
    const dealt = dealVariants(army, unit, seed, (pins) => fits(army, unit, pins, recipes));
    return [...(rest ?? []), ...dealt];
  },

  dealtUnit(army: Army, unitId: string): DealtUnit {
    const unit = unitOf(army, unitId);
    const recipes = armyRecipes(army);
    const pins = (unit?.surfaces ?? []).flatMap((surface) => {
      const own = (unit?.own ?? []).filter(({ surfaceId }) => surfaceId === surface.id);
      return [
        pinOf(army, surface),
        ...(surface.variants ?? []),
        ...own.map(({ recipe }) => recipe),
      ];
    });
    const known = pins.flatMap((pin) => {
      const judged = pin && judgedOf([pin], recipes);
      return judged ? [[pinKey(pin), judged.reads] as const] : [];
    });
    return { reads: Object.fromEntries(known), names: recipes.names };
  },
};

function fits(army: Army, unit: Unit, pins: readonly RecipePin[], recipes: ArmyRecipes): boolean {
  const varied = variedSurfaces(unit);
  const judged = judgedSurfaces(
    unit,
    (surface) => {
      const place = varied.findIndex(({ id }) => id === surface.id);
      return place < 0 ? pinOf(army, surface) : pins[place];
    },
    recipes,
  );
  return belonging(judged).remarks.every(({ kind }) => kind !== 'warning stripe');
}

function judgedSurfaces(
  unit: Unit,
  pinFor: (surface: UnitSurface) => RecipePin | null,
  recipes: ArmyRecipes,
): JudgedSurface[] {
  return unit.surfaces.flatMap((surface) => {
    const pin = pinFor(surface);
    const overs = workSurfaces(unit).flatMap(({ over, recipe }) =>
      over?.includes(surface.id) && recipe ? [recipe] : [],
    );
    const judged = pin && judgedOf([pin, ...overs], recipes);
    return judged ? [{ surface, ...judged }] : [];
  });
}

/** The result of recipes on each other, computed once for all that have them. @param pins the lowest first */
function judgedOf(
  pins: readonly [RecipePin, ...RecipePin[]],
  { recipeOf }: ArmyRecipes,
): Omit<JudgedSurface, 'surface'> | null {
  const key = pins.map(pinKey).join();
  const known = judgedBy.get(key);
  if (known) return known;
  const [own, ...overs] = pins.map(recipeOf);
  if (!own) return null;
  const layers = [own, ...overs.flatMap((over) => over ?? [])];
  const { recipes, shelf } = onEachOther(layers, shelfInHand());
  const recipe = recipes[recipes.length - 1];
  const build = predictBuildUp(recipe, shelf);
  const { stops, ground, steps } = build;
  const surface = steps.findLast(({ isIncluded }) => isIncluded)?.surface ?? ground;
  const at = (place: number) => surface[stops.findIndex((stop) => stop >= place)];
  const judged = {
    reads: readsAsWhole(build, formOf(recipe)),
    light: at(0.8),
    mid: at(0.5),
    shadow: at(0.15),
    potIds: [
      ...new Set(layers.flatMap((each) => (includedSteps(each).length > 0 ? potIdsOf(each) : []))),
    ],
  };
  judgedBy.set(key, judged);
  return judged;
}
