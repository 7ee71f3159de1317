import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import type { MixPart } from '../../written/mix/mix';
import { fittingParts } from '../../written/mix/simplestParts';
import type { ToneStopName } from '../../written/place/toneAxis';
import { flattenMix } from '../../written/recipe/flattenMix';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { mixedPaint, type Shelf } from '../paint/mixedPaint';
import { linesToTint } from './tintsToCome';
import { playForward, preCompensate, type PreCompensation } from './preCompensate';
import { pushedMix, pushersOn } from './pushHighlight';

/** A layer below glazes: how it was meant to end, how it would, and how to mix it so that it does. */
export interface LineBeforeGlazes {
  stepId: string;
  place: ToneStopName;
  /** its mix as written, which is how the place is meant to look in the end */
  meant: SurfaceColour;
  /** after the glazes, with the mix as written */
  endsAs: SurfaceColour;
  found: PreCompensation;
}

/** The layers of a recipe as they have to be before its glazes join them. */
export interface BeforeGlazes {
  lines: LineBeforeGlazes[];
  /** L* between the darkest and the lightest of them: as it is to end, and as it has to be before */
  contrast: { inTheEnd: number; before: number };
  /** the lines with their new mixes; those that carried one of them forward keep their paint */
  steps: Step[];
}

/**
 * How stark the layers must be for the glazes and filters over them to bring them to what is
 * written: each covering line's mix is taken to be the colour its place is to end in, and the films
 * to come are turned round.
 *
 * @returns null where glazes come over fewer than two layers
 * @throws CarryError, UnknownPotError
 */
export function beforeGlazes(recipe: Recipe, shelf: Shelf): BeforeGlazes | null {
  const pushers = pushersOn(shelf);
  const lines = linesToTint(recipe, shelf).map(({ step, place, filters }): LineBeforeGlazes => {
    const paint = mixedPaint(flattenMix(step.mix, earlierThan(recipe, step)), shelf);
    const meant = surfaceColour(masstoneOf(paint));
    return {
      stepId: step.id,
      place,
      meant,
      endsAs: surfaceColour(playForward(masstoneOf(paint), filters)),
      found: preCompensate(meant, filters, paint, pushers),
    };
  });
  // One layer makes no step that a glaze could join.
  if (lines.length < 2) return null;
  const range = (values: number[]) => Math.max(...values) - Math.min(...values);
  return {
    lines,
    contrast: {
      inTheEnd: range(lines.map(({ found }) => found.landsOn.value)),
      before: range(lines.map(({ found }) => found.now.value)),
    },
    steps: pushedSteps(recipe, lines),
  };
}

function pushedSteps(recipe: Recipe, lines: readonly LineBeforeGlazes[]): Step[] {
  const found = new Map(lines.map((line) => [line.stepId, line.found]));
  const isPushed = (part: MixPart) => part.from === 'step' && found.has(part.stepId);
  return recipe.steps.flatMap((step): Step[] => {
    const push = found.get(step.id);
    const carriesPushed = step.mix.parts.some(isPushed);
    if (!push && !carriesPushed) return [];
    const mix = carriesPushed
      ? { ...step.mix, parts: inPots(step, earlierThan(recipe, step)) }
      : step.mix;
    return [{ ...step, mix: push ? pushedMix(mix, push) : mix }];
  });
}

/** The mix of a line in pots alone, in whole parts. */
const inPots = (step: Step, earlier: readonly Step[]): MixPart[] =>
  fittingParts(
    flattenMix(step.mix, earlier).map(({ potId, share }) => ({
      from: 'pot' as const,
      potId,
      parts: Math.max(1, Math.round(share * 24)),
    })),
  );

const earlierThan = (recipe: Recipe, { id }: Step) =>
  recipe.steps.slice(
    0,
    recipe.steps.findIndex((each) => each.id === id),
  );
