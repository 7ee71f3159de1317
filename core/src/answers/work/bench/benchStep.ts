import type { Unit, UnitSurface } from '../army/army';
import { onEachOther } from '../army/surfaces/layersOn';
import { usualHand, type OwnFigures } from '../army/ownFigures';
import { surfaceColour, type SurfaceColour } from '../../../light/colour/surfaceColour';
import { consistencyOf, stiffnessOf, type Consistency } from '../../../predicted/paint/consistency';
import { dropsFor, type Drops } from '../../../predicted/paint/dropsFor';
import { flattenMix } from '../../../written/recipe/flattenMix';
import { mixedColour, potOn, isEstimate, type Shelf } from '../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import { surfaceBelow } from '../../../predicted/buildUp/surfaceBelow';
import { techniqueOf } from '../../../written/technique/techniques';
import { aspectOfAim, type Aspect } from '../../../written/place/aspects';
import { aspectsTogether } from '../../../predicted/buildUp/aspectsOfRecipe';
import { aimKeyOf } from '../../../written/recipe/aimOf';
import { shapeOf } from '../../../written/recipe/shapeOf';
import { wetVolumeMl } from '../../../predicted/buildUp/wetVolume';
import { asDone } from '../log/asDone';
import type { CoatEntry } from '../log/entry';
import { withFilm } from '../../../written/lines/withFilm';
import type { OnSurface } from '../log/onFigure/onFigure';

/** Everything somebody with a wet brush asks of one coat. */
export interface BenchStep {
  step: Step;
  /** what is to be mixed: for all models of it and all its coats that are left */
  ml: number;
  drops: Drops;
  consistency: Consistency | null;
  mixColour: SurfaceColour;
  /** where the line goes on: the surfaces below are of that aspect */
  aspect: Aspect;
  /** the surface as it should be now, and after this coat, dry, at each of `ribbonStops` */
  now: SurfaceColour[];
  after: SurfaceColour[];
  /** of what goes over several surfaces: the same on each of them */
  onto: OntoSurface[];
  isEstimate: boolean;
  caution: string | null;
}

/** A coat of something that goes over surfaces, on one of them. */
export interface OntoSurface {
  surfaceId: string;
  name: string;
  now: SurfaceColour[];
  after: SurfaceColour[];
}

export interface BenchStepAsked {
  unit: Unit;
  surface: UnitSurface;
  /** with the mixes that are on the table */
  recipe: Recipe;
  stepId: string;
  /** models the mix is for, and coats of it each still gets */
  models: number;
  coatsLeft: number;
  /** what is on one of the models */
  on: OnSurface;
  /** the coat as it would be noted */
  coat: CoatEntry;
  /**
   * The layers on each surface it goes onto, as they were painted, the lowest first; and the place of the
   * surface's own recipe among them, after the last where it is this one.
   */
  onto?: readonly { surfaceId: string; name: string; layers: readonly Recipe[]; own: number }[];
}

/** @throws CarryError, UnknownPotError */
export function benchStep(
  {
    unit,
    surface,
    recipe: written,
    stepId,
    models,
    coatsLeft,
    on,
    coat,
    onto = [],
  }: BenchStepAsked,
  shelf: Shelf,
  own: OwnFigures = usualHand,
): BenchStep {
  // Where a line is aimed goes by the form it is painted on here.
  const recipe = surface.form ? { ...written, form: surface.form } : written;
  const index = recipe.steps.findIndex(({ id }) => id === stepId);
  const step = recipe.steps[index];
  const earlier = recipe.steps.slice(0, index);
  const shares = flattenMix(step.mix, earlier);
  const area = { areaCm2: unit.areaCm2 * surface.share, models };
  const ml = wetVolumeMl({ ...step, coats: coatsLeft }, area, shapeOf(recipe)) * own.paint;
  const stiffness = stiffnessOf(shares, shelf);
  const { colour } = mixedColour(step.mix, earlier, shelf);
  const withCoat = new Map(on.coats).set(stepId, [...(on.coats.get(stepId) ?? []), coat]);
  const now = asDone(recipe, on, 'left out');
  const after = asDone(recipe, { ...on, coats: withCoat }, 'left out');
  const seenOn = (layers: readonly Recipe[], at: number) => {
    const on = onEachOther([...layers, withFilm(now, own.film)], shelf, at);
    const top = (over: Recipe) => onEachOther([...layers, over], shelf, at).recipes[layers.length];
    const [before, then] = [now, after].map((each) => top(withFilm(each, own.film)));
    const [main, ...others] = aspectsTogether(on.shelf, before, then, top(recipe));
    const aspect = aspectOfAim([main, ...others], aimKeyOf(step));
    return {
      aspect,
      now: finished(before, on.shelf, aspect),
      after: finished(then, on.shelf, aspect),
    };
  };
  const each = onto.map(({ surfaceId, name, layers, own: at }) => {
    const { aspect, ...seen } = seenOn(layers, at);
    return { aspect, surface: { surfaceId, name, ...seen } };
  });
  const { aspect, ...first } = each.at(0)
    ? { aspect: each[0].aspect, now: each[0].surface.now, after: each[0].surface.after }
    : seenOn([], 0);
  return {
    step,
    ml,
    drops: dropsFor(step.mix, earlier, shelf, Math.max(ml, leastMixMl)),
    consistency: stiffness === 0 ? null : consistencyOf(step.mix, stiffness),
    mixColour: colour,
    aspect,
    ...first,
    onto: each.map(({ surface: seen }) => seen),
    isEstimate: shares.some(({ potId }) => isEstimate(potOn(shelf, potId))),
    caution: techniqueOf(step.technique).caution ?? null,
  };
}

/** Less nobody mixes, ml: one drop. */
const leastMixMl = 0.05;

const finished = (recipe: Recipe, shelf: Shelf, aspect: Aspect): SurfaceColour[] =>
  surfaceBelow(recipe, shelf, '', { aspect }).map(surfaceColour);
