import { filmOf } from '../../../predicted/buildUp/applyStep';
import { stepsFor } from '../army/surfaces/stepsFor';
import type { UnitSurface } from '../army/army';
import { colourDifference } from '../../../light/colour/colourDifference';
import { surfaceColour, type SurfaceColour } from '../../../light/colour/surfaceColour';
import { readsAsParts } from '../../../predicted/form/readsAs';
import { coatsToCover } from '../../../predicted/paint/coatsToCover';
import { suggestUnderColour, type UnderColour } from '../../../predicted/coverage/compareGrounds';
import { flattenMix } from '../../../written/recipe/flattenMix';
import { formOf, shapeOf } from '../../../written/recipe/shapeOf';
import { mixedPaint, type Shelf } from '../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../written/recipe/recipe';
import { pinKey } from '../../../written/recipe/recipePin';
import type { Step } from '../../../written/recipe/step';
import { laidOver, surfaceBelow } from '../../../predicted/buildUp/surfaceBelow';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Aspect } from '../../../written/place/aspects';
import type { FormName } from '../../../written/place/forms';
import { aspectsTogether } from '../../../predicted/buildUp/aspectsOfRecipe';
import { ribbonStops, toneStops, type ToneStopName } from '../../../written/place/toneAxis';
import { wetVolumeMl } from '../../../predicted/buildUp/wetVolume';
import { isSameContent } from '../../../written/record/sameContent';
import { handsOnMinutes } from './minutes/handsOn';

/** The models a surface is repainted on. */
export interface RepaintedOn {
  surface: UnitSurface;
  areaCm2: number;
  models: number;
}

/** Cost of bringing models over to another recipe. */
export interface RepaintCost {
  /** lines to paint, in order */
  stepIds: string[];
  coats: number;
  /** hands-on minutes of a usual hand, all models */
  minutes: number;
  /** wet, thinned paint, ml, all models */
  ml: number;
}

/** How one painted state of a surface differs from another. */
export interface VersionGap {
  from: SurfaceColour[];
  to: SurfaceColour[];
  stops: readonly number[];
  /** the named place where they differ most, and by how much, ΔE00 */
  worst: { place: ToneStopName; difference: number };
  /** at arm's length, ΔE00 */
  reads: number;
  cost: RepaintCost;
}

/**
 * How models painted by one version differ from a newer one, and what it takes to bring them over:
 * the lines from the first that differs on, as what lies below them is the same.
 *
 * @throws CarryError, UnknownPotError
 */
export function versionGap(
  painted: Recipe,
  newer: Recipe,
  shelf: Shelf,
  on: RepaintedOn,
): VersionGap {
  const before = stepsFor(on.surface, painted);
  const after = stepsFor(on.surface, newer);
  const same = after.findIndex((step, i) => !isSamePainted(before.at(i), step));
  const fewer = before.length > after.length ? 0 : after.length;
  const from = isOnSame(painted, newer) ? (same < 0 ? fewer : same) : 0;
  return {
    ...differenceOf(
      aspectsTogether(shelf, painted, newer).map((aspect) => ({
        aspect,
        from: finished(painted, shelf, aspect),
        to: finished(newer, shelf, aspect),
      })),
      formOf(newer),
    ),
    cost: costOf(after.slice(from), newer, on),
  };
}

/** Both go onto the same primer or finished surface. */
const isOnSame = (one: Recipe, other: Recipe) =>
  one.groundPotId === other.groundPotId &&
  pinKey(one.ground ?? null) === pinKey(other.ground ?? null);

/** Cost of repainting a finished surface by another recipe. */
export interface Repaint extends VersionGap {
  /** coats of the first covering line until what is there no longer shows; null: not in 20 */
  coatsToCover: number | null;
  /** that line; null where nothing in the recipe covers */
  coveringStepId: string | null;
  /** what would save coats, laid under that line; null where nothing does, or nothing needs it */
  underColour: UnderColour | null;
  /** the same on its own ground, as once what is there is stripped off */
  costStripped: RepaintCost;
  /** what is left showing when the recipe is painted as written, ΔE00 at the worst place */
  showsThrough: number;
}

/**
 * Repainting a finished surface by another recipe, over what stands there.
 *
 * @param painted what stands there: a recipe, on top of what the shelf knows to lie below it
 * @throws CarryError, UnknownPotError
 */
export function repaintOver(
  painted: Recipe,
  other: Recipe,
  shelf: Shelf,
  on: RepaintedOn,
): Repaint {
  const aspects = aspectsTogether(shelf, painted, other).map((aspect) => {
    const standing = surfaceBelow(painted, shelf, '', { aspect });
    const laid = laidOver(other, shelf, standing, { aspect }).map(surfaceColour);
    return { aspect, standing, laid, meant: finished(other, shelf, aspect) };
  });
  const steps = stepsFor(on.surface, other);
  const covering = steps.find(
    ({ technique, placement }) =>
      techniqueOf(technique).covers && placement.from <= 0.1 && placement.to >= 0.9,
  );
  const grounds = aspects.map(({ standing }) => standing);
  const over = covering ? coatsOver(covering, other, grounds, shelf) : null;
  const needed = over?.coats ?? null;
  const more = needed === null ? 0 : Math.max(0, needed - (covering?.coats ?? 0));
  const painting = steps.map((step) =>
    step.id === covering?.id ? { ...step, coats: step.coats + more } : step,
  );
  return {
    ...differenceOf(
      aspects.map(({ aspect, standing, meant }) => ({
        aspect,
        from: standing.map(surfaceColour),
        to: meant,
      })),
      formOf(other),
    ),
    cost: costOf(painting, other, on),
    costStripped: costOf(steps, other, on),
    underColour: over?.underColour ?? null,
    coatsToCover: needed,
    coveringStepId: covering?.id ?? null,
    showsThrough: Math.max(
      ...aspects.flatMap(({ laid, meant }) =>
        laid.map((surface, i) => colourDifference(surface, meant[i])),
      ),
    ),
  };
}

/** Coats of a line until none of what stands there shows, at the place that shows longest. */
function coatsOver(
  step: Step,
  recipe: Recipe,
  standing: readonly ReturnType<typeof surfaceBelow>[],
  shelf: Shelf,
): { coats: number | null; underColour: UnderColour | null } {
  const earlier = recipe.steps.slice(
    0,
    recipe.steps.findIndex(({ id }) => id === step.id),
  );
  const paint = mixedPaint(flattenMix(step.mix, earlier), shelf);
  if (paint.scattering.every((each) => each === 0)) return { coats: null, underColour: null };
  const film = filmOf(step);
  const named = standing.flatMap((ofAspect) =>
    toneStops.map(({ at }) => ofAspect[ribbonStops.indexOf(at)]),
  );
  const needed = named.map((ground) => coatsToCover(paint, ground, film).coats ?? Infinity);
  const most = Math.max(...needed);
  const longest = named[needed.indexOf(most)];
  return {
    coats: most === Infinity ? null : most,
    underColour:
      most > step.coats ? suggestUnderColour(paint, longest, shelf, film, step.coats) : null,
  };
}

const finished = (recipe: Recipe, shelf: Shelf, aspect: Aspect) =>
  surfaceBelow(recipe, shelf, '', { aspect }).map(surfaceColour);

interface TwoSurfaces {
  aspect: Aspect;
  from: SurfaceColour[];
  to: SurfaceColour[];
}

/** How two surfaces differ: shown where they differ most. */
function differenceOf(aspects: readonly TwoSurfaces[], form: FormName): Omit<VersionGap, 'cost'> {
  const places = aspects.flatMap((two) =>
    toneStops.map(({ name, at }) => {
      const index = ribbonStops.indexOf(at);
      return { two, place: name, difference: colourDifference(two.from[index], two.to[index]) };
    }),
  );
  const seen = places.filter(({ two }) => two.aspect.share > 0);
  const worst = seen.reduce((most, each) => (each.difference > most.difference ? each : most));
  const readsOf = (side: 'from' | 'to') =>
    readsAsParts(
      aspects.map((two) => ({ aspect: two.aspect, surface: two[side] })),
      ribbonStops,
      form,
    );
  const { two, place, difference } = worst;
  return {
    from: two.from,
    to: two.to,
    stops: ribbonStops,
    worst: { place, difference },
    reads: colourDifference(readsOf('from'), readsOf('to')),
  };
}

function costOf(steps: readonly Step[], recipe: Recipe, on: RepaintedOn): RepaintCost {
  const shape = shapeOf(recipe, on.surface.form);
  return {
    stepIds: steps.map(({ id }) => id),
    coats: steps.reduce((sum, { coats }) => sum + coats, 0),
    minutes: steps.reduce(
      (sum, step) =>
        sum + step.coats * on.models * handsOnMinutes(step, on.areaCm2, shape, recipe.finishLevel),
      0,
    ),
    ml: steps.reduce((sum, step) => sum + wetVolumeMl(step, on, shape), 0),
  };
}

/** Lines that leave the same paint: what they are called and how long they dry makes no odds. */
function isSamePainted(one: Step | undefined, other: Step): boolean {
  const painted = ({ technique, mix, coats, placement }: Step) => ({
    technique,
    mix,
    coats,
    placement,
  });
  return one !== undefined && isSameContent(painted(one), painted(other));
}
