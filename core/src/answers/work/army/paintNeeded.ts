import { dropsFor, type Drops } from '../../../predicted/paint/dropsFor';
import { flattenMix } from '../../../written/recipe/flattenMix';
import { loadOf } from '../../../written/mix/mix';
import { potOn, type Shelf } from '../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../written/recipe/recipe';
import { shapeOf } from '../../../written/recipe/shapeOf';
import { wetVolumeMl } from '../../../predicted/buildUp/wetVolume';
import { modelsByPin, type Army, type Unit, type UnitSurface } from './army';
import { workSurfaces } from './surfaces/workSurfaces';
import type { RecipePin } from '../../../written/recipe/recipePin';
import { usualHand, type OwnFigures } from './ownFigures';
import { stepsFor } from './surfaces/stepsFor';

/** Paint needed for one mix of one surface of a unit. */
export interface MixNeed {
  unitId: string;
  surfaceId: string;
  recipeId: string;
  stepId: string;
  /** paint its own line takes, before thinning, ml */
  ownMl: number;
  /** paint that later lines take of it as carried forward, ml */
  carriedMl: number;
  waterMl: number;
  mediumMl: number;
  /** the whole of it counted out from pots */
  drops: Drops;
}

/** Paint needed from one pot in all. */
export interface PotNeed {
  potId: string;
  ml: number;
  /** what is left of it; null when nobody has looked */
  leftMl: number | null;
  /** what is to be bought; 0 when enough is left, or nobody has looked */
  shortMl: number;
  /** pots of the usual size that hold what is short */
  potsToBuy: number;
}

export interface PaintNeeded {
  /** in the order of units, surfaces and lines */
  mixes: MixNeed[];
  /** most needed first; media count as pots, water does not */
  pots: PotNeed[];
  /** surfaces nobody has given a recipe, or whose recipe or version is gone */
  without: { unitId: string; surfaceId: string }[];
}

/** The recipe behind a pin, as it was at its version; undefined when it is gone. */
export type RecipeOf = (pin: RecipePin) => Recipe | undefined;

/**
 * Paint a whole army takes: area of each surface × models × share of the tone axis × film × coats,
 * with what stays in brush and palette (`wetVolumeMl`), shared out over the pots of each mix. A mix
 * counts what later lines carry forward of it too: it has to be mixed in one go. The ground is
 * sprayed from a can and is not counted.
 *
 * @param own the painter’s own figures, where they are known
 * @throws CarryError, UnknownPotError
 */
export function paintNeeded(
  army: Army,
  recipeOf: RecipeOf,
  shelf: Shelf,
  own: OwnFigures = usualHand,
): PaintNeeded {
  const mixes: MixNeed[] = [];
  const without: PaintNeeded['without'] = [];
  const mlOf = new Map<string, number>();
  for (const unit of army.units)
    for (const surface of workSurfaces(unit)) {
      const groups = modelsByPin(army, unit, surface).map(({ pin, models }) => ({
        recipe: pin && recipeOf(pin),
        models: models.length,
      }));
      for (const { recipe, models } of groups) if (recipe) needOf(unit, surface, recipe, models);
      if (groups.some(({ recipe }) => !recipe))
        without.push({ unitId: unit.id, surfaceId: surface.id });
    }
  const pots = [...mlOf]
    .map(([potId, ml]): PotNeed => {
      const leftMl = potOn(shelf, potId).volumeMl;
      const shortMl = leftMl === null ? 0 : Math.max(0, ml - leftMl);
      return { potId, ml, leftMl, shortMl, potsToBuy: Math.ceil(shortMl / usualPotMl) };
    })
    .sort((one, other) => other.ml - one.ml);
  return { mixes, pots, without };

  function needOf(unit: Unit, surface: UnitSurface, recipe: Recipe, models: number): void {
    const area = { areaCm2: unit.areaCm2 * surface.share, models };
    const painted = new Map(stepsFor(surface, recipe).map((step) => [step.id, step]));
    const carried = new Map<string, number>();
    const ofSurface: MixNeed[] = [];
    // From the last line up, so that what is carried of a carried mix is counted in as well.
    for (const [index, written] of [...recipe.steps.entries()].reverse()) {
      const step = painted.get(written.id);
      const wetMl = step ? wetVolumeMl(step, area, shapeOf(recipe, surface.form)) * own.paint : 0;
      const ownMl = wetMl * loadOf(written.mix);
      const carriedMl = carried.get(written.id) ?? 0;
      const totalMl = ownMl + carriedMl;
      if (totalMl < leastMl) continue;
      const parts = written.mix.parts.reduce((sum, part) => sum + part.parts, 0);
      for (const part of written.mix.parts) {
        const ml = (totalMl * part.parts) / parts;
        const into = part.from === 'pot' ? mlOf : carried;
        const key = part.from === 'pot' ? part.potId : part.stepId;
        into.set(key, (into.get(key) ?? 0) + ml);
      }
      const earlier = recipe.steps.slice(0, index);
      const neat = { ...written.mix, parts: partsOf(flattenMix(written.mix, earlier)) };
      ofSurface.unshift({
        unitId: unit.id,
        surfaceId: surface.id,
        recipeId: recipe.id,
        stepId: written.id,
        ownMl,
        carriedMl,
        waterMl: ownMl * written.mix.waterParts,
        mediumMl: ownMl * written.mix.mediumParts,
        drops: dropsFor({ ...neat, waterParts: 0, mediumParts: 0 }, [], shelf, totalMl),
      });
    }
    mixes.push(...ofSurface);
  }
}

/** Content assumed of a new pot, ml, where nothing else is known. */
export const usualPotMl = 17;

/** Less than this is no amount, ml. */
const leastMl = 1e-6;

const partsOf = (shares: ReturnType<typeof flattenMix>) =>
  shares.map(({ potId, share }) => ({ from: 'pot' as const, potId, parts: share * 100 }));
