import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import type { Aspect } from '../../written/place/aspects';
import { aspectOfLine } from '../buildUp/aspectsOfRecipe';
import { includedSteps } from '../../written/recipe/includedSteps';
import type { MixPart } from '../../written/mix/mix';
import type { Shelf } from '../paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { surfaceBelow } from '../buildUp/surfaceBelow';
import { techniqueOf } from '../../written/technique/techniques';

/** A glaze laid on the border where two tints meet. */
export interface BorderBridge {
  /** the line to put in after the later of the two */
  step: Step;
  afterStepId: string;
  /** place of the border on the tone axis, 0–1 */
  at: number;
  /** the finished surface across the border, one colour a place, dry, without it and with it */
  without: SurfaceColour[];
  with: SurfaceColour[];
  /** the largest step between neighbouring places across it, ΔE00, without it and with it */
  stepWithout: number;
  stepWith: number;
  /** whether it makes the passage softer by enough to be seen for it */
  isSofter: boolean;
}

/** Looked at so far to each side, and so finely. */
const reach = 0.2;
const fine = 0.02;
const mostPasses = 4;
const softness = 0.2;
const widths = [0.08, 0.14];
/** Of their own mixes, so many parts of the one to the other. */
const ratios = [
  [1, 1],
  [2, 1],
  [1, 2],
];
/** A passage is softer for it when its largest step shrinks to this share. */
const softerAt = 0.85;

/**
 * The glaze that makes the passage between two tints softest: of their own mixes, or of a third hue
 * where one is named. The border is where an end of either makes the largest step of colour.
 * Thinned as the later line is; one to four passes are tried.
 *
 * @param lines ids of two painted lines
 * @param potId of the third hue; null for a mix of the two
 * @returns null where a line is gone or neither of them ends within the surface
 * @throws CarryError, UnknownPotError
 */
export function borderBridge(
  recipe: Recipe,
  shelf: Shelf,
  lines: readonly [string, string],
  potId: string | null,
): BorderBridge | null {
  const pair = includedSteps(recipe).filter(({ id }) => lines.includes(id));
  if (pair.length !== 2) return null;
  const [earlier, later] = pair;
  const aspect = aspectOfLine(recipe, shelf, later.id);
  const at = borderOf(recipe, shelf, pair, aspect);
  if (at === null) return null;
  const stops = placesAround(at);
  const seen = (of: Recipe) =>
    surfaceBelow(of, shelf, theEnd, { stops, aspect }).map(surfaceColour);
  const without = seen(recipe);
  let best: Pick<BorderBridge, 'step' | 'with' | 'stepWith'> | null = null;
  for (const parts of mixesTried(earlier, later, potId))
    for (const width of widths)
      for (let coats = 1; coats <= mostPasses; coats++) {
        const step = borderLine(later, parts, { at, width, coats });
        const surface = seen(putAfter(recipe, later.id, step));
        const stepWith = largestStep(surface);
        if (!best || stepWith < best.stepWith - 0.02) best = { step, with: surface, stepWith };
      }
  if (!best) return null;
  const stepWithout = largestStep(without);
  return {
    ...best,
    afterStepId: later.id,
    at,
    without,
    stepWithout,
    isSofter: best.stepWith < softerAt * stepWithout,
  };
}

/** No line has this name, so that the whole recipe is laid. */
const theEnd = '';

function mixesTried(earlier: Step, later: Step, potId: string | null): MixPart[][] {
  if (potId !== null) return [[{ from: 'pot', potId, parts: 1 }]];
  return ratios.map(([one, other]) => [
    { from: 'step', stepId: earlier.id, parts: one },
    { from: 'step', stepId: later.id, parts: other },
  ]);
}

function borderLine(
  later: Step,
  parts: MixPart[],
  { at, width, coats }: { at: number; width: number; coats: number },
): Step {
  const round = (place: number) => Math.round(Math.min(1, Math.max(0, place)) * 100) / 100;
  return {
    id: `border-${later.id}`.slice(0, 60),
    stage: 'glaze',
    technique: 'placedGlaze',
    mix: { ...later.mix, parts },
    coats,
    placement: {
      ...(later.placement.aim && { aim: later.placement.aim }),
      from: round(at - width),
      to: round(at + width),
      softness,
      pull: 'even',
    },
    dryMinutes: later.dryMinutes,
    level: later.level,
    note: '',
  };
}

function putAfter(recipe: Recipe, stepId: string, step: Step): Recipe {
  const index = recipe.steps.findIndex(({ id }) => id === stepId);
  return { ...recipe, steps: recipe.steps.toSpliced(index + 1, 0, step) };
}

/** The end of a line, inside the surface, across which the finished colour changes most. */
function borderOf(
  recipe: Recipe,
  shelf: Shelf,
  lines: readonly Step[],
  aspect: Aspect,
): number | null {
  const ends = lines
    .filter(({ technique }) => !techniqueOf(technique).lifts)
    .flatMap(({ placement: { from, to } }) => [from, to])
    .filter((end) => end > fine && end < 1 - fine);
  let most = -1;
  let border: number | null = null;
  for (const end of ends) {
    const stops = placesAround(end);
    const step = largestStep(
      surfaceBelow(recipe, shelf, theEnd, { stops, aspect }).map(surfaceColour),
    );
    if (step > most) [most, border] = [step, end];
  }
  return border;
}

/** Between the places of the grid, so that a hard end falls between two of them. */
function placesAround(at: number): number[] {
  const count = Math.round((2 * reach) / fine);
  return Array.from({ length: count }, (_, i) => at - reach + (i + 0.5) * fine).filter(
    (place) => place >= 0 && place <= 1,
  );
}

const largestStep = (surface: readonly SurfaceColour[]) =>
  surface
    .slice(1)
    .reduce((most, colour, i) => Math.max(most, colourDifference(colour, surface[i])), 0);
