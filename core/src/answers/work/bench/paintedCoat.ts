import type { Unit, UnitSurface } from '../army/army';
import { usualHand, type OwnFigures } from '../army/ownFigures';
import { stepsFor } from '../army/surfaces/stepsFor';
import { dryMinutesOf, waitsOf } from '../plan/minutes/dryingTime';
import { handsOnMinutes } from '../plan/minutes/handsOn';
import { shapeOf } from '../../../written/recipe/shapeOf';
import { loadOf, type Mix } from '../../../written/mix/mix';
import type { Recipe } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import { wetVolumeMl } from '../../../predicted/buildUp/wetVolume';
import { brushedOf } from '../log/mixed/asMixed';
import type { Bench } from './bench';
import type { CoatEntry, Deviation } from '../log/entry';

/** Where a coat goes: one surface of models of a unit, painted by one recipe. */
export interface PaintedOn {
  bench: Pick<Bench, 'id' | 'armyId' | 'room' | 'hairDryer'>;
  unit: Unit;
  surface: UnitSurface;
  /** with the mixes that are on the table */
  recipe: Recipe;
  version: number | null;
  models: number[];
}

/** The head of an entry: who wrote it, when, and after how many. */
export type EntryHead = Pick<CoatEntry, 'id' | 'at' | 'order' | 'by'>;

/**
 * One coat of one line, as it goes into the log: what was on the brush, what it took from the pots,
 * how long a usual hand would take for it and how long it dries.
 *
 * @param minutes hands-on, as measured; null where nobody did
 * @throws CarryError
 */
export function paintedCoat(
  { bench, unit, surface, recipe, version, models }: PaintedOn,
  step: Step,
  coat: number,
  head: EntryHead,
  minutes: number | null,
  differs: Deviation[],
  own: OwnFigures = usualHand,
): CoatEntry {
  const index = recipe.steps.findIndex(({ id }) => id === step.id);
  const brushed = brushedOf(step, recipe.steps.slice(0, Math.max(0, index)));
  const areaCm2 = unit.areaCm2 * surface.share;
  const wetMl = wetVolumeMl(
    { ...step, coats: 1 },
    { areaCm2, models: models.length },
    shapeOf(recipe, surface.form),
  );
  return {
    kind: 'coat',
    ...head,
    benchId: bench.id,
    where: placeOn(bench, unit, surface, models),
    recipeId: recipe.id,
    recipeName: recipe.name,
    groundPotId: recipe.groundPotId,
    version,
    stepId: step.id,
    line: index + 1,
    stage: step.stage,
    technique: step.technique,
    placement: step.placement,
    coat,
    brushed,
    differs,
    minutes,
    reckoned:
      models.length *
      handsOnMinutes(step, areaCm2, shapeOf(recipe, surface.form), recipe.finishLevel),
    dryMinutes: waitAfter({ bench, surface, recipe }, step, coat) * own.drying,
    areaCm2,
    used: brushed.pots.map(({ potId, share }) => ({ potId, ml: wetMl * loadOf(step.mix) * share })),
  };
}

/** The wait after a coat where it stands in its recipe; as it dries alone where it does not. */
function waitAfter(
  { bench, surface, recipe }: Pick<PaintedOn, 'bench' | 'surface' | 'recipe'>,
  step: Step,
  coat: number,
): number {
  const painted = stepsFor(surface, recipe);
  const index = painted.findIndex(({ id }) => id === step.id);
  return waitsOf(painted, bench)[index]?.[coat - 1] ?? dryMinutesOf(step, bench);
}

/** Where an entry belongs. */
export function placeOn(
  { armyId }: Pick<Bench, 'armyId'>,
  { id: unitId }: Pick<Unit, 'id'>,
  { id: surfaceId }: Pick<UnitSurface, 'id'>,
  models: number[],
): CoatEntry['where'] {
  return { armyId: armyId ?? null, unitId, surfaceId, models };
}

/** A step that is in no recipe, after one that is: a mix of the table, put on in some way. */
export function extraStep(
  id: string,
  after: Step,
  technique: Step['technique'],
  mix: Mix,
  placement: Step['placement'],
): Step {
  return { ...after, id, stage: 'glaze', technique, mix, placement, coats: 1, dryMinutes: 0 };
}

/** The same coat on other models of the same unit. */
export function forModels(coat: CoatEntry, models: number[]): CoatEntry {
  const share = models.length / coat.where.models.length;
  return {
    ...coat,
    where: { ...coat.where, models },
    reckoned: coat.reckoned * share,
    used: coat.used.map(({ potId, ml }) => ({ potId, ml: ml * share })),
  };
}
