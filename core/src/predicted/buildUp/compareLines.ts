import { colourDifference } from '../../light/colour/colourDifference';
import { isSameContent } from '../../written/record/sameContent';
import {
  everyAspect,
  finishedSurface,
  mainBuildUps,
  type AspectBuildUp,
  type BuildUp,
} from './buildUp';
import { nearestAspect } from '../../written/place/aspects';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { toneStops, type ToneStopName } from '../../written/place/toneAxis';

/** Two lines that stand for each other, or one that has no counterpart. */
export interface LinePair {
  left: Step | null;
  right: Step | null;
  /** index of each in its recipe */
  leftIndex: number | null;
  rightIndex: number | null;
  isSame: boolean;
}

/** Where two finished surfaces differ most. */
export interface WorstPlace {
  place: ToneStopName;
  /** ΔE00 */
  difference: number;
}

/**
 * Lines of two recipes side by side: by identity where they began as one recipe, else by place.
 *
 * @returns in the left recipe's order, lines only the right one has after the line they follow
 */
export function pairLines(left: Recipe, right: Recipe): LinePair[] {
  const shareIds = left.steps.some(({ id }) => right.steps.some((step) => step.id === id));
  const partnerOf = (index: number) =>
    shareIds
      ? right.steps.findIndex(({ id }) => id === left.steps[index].id)
      : index < right.steps.length
        ? index
        : -1;
  const pairs: LinePair[] = left.steps.map((step, index) => {
    const partner = partnerOf(index);
    const other = partner < 0 ? null : right.steps[partner];
    return {
      left: step,
      right: other,
      leftIndex: index,
      rightIndex: partner < 0 ? null : partner,
      isSame: other !== null && isSameContent({ ...step, id: '' }, { ...other, id: '' }),
    };
  });
  right.steps.forEach((step, index) => {
    if (pairs.some(({ rightIndex }) => rightIndex === index)) return;
    const after = pairs.findIndex(({ rightIndex }) => rightIndex === index - 1);
    pairs.splice(index === 0 ? 0 : after + 1, 0, {
      left: null,
      right: step,
      leftIndex: null,
      rightIndex: index,
      isSame: false,
    });
  });
  return pairs;
}

/** Where the finished surfaces of two recipes differ most to the eye, in whichever aspect. */
export function worstPlace(left: BuildUp, right: BuildUp): WorstPlace {
  return [...pairAspects(left, right), ...pairAspects(right, left)]
    .flatMap(([one, other]) =>
      toneStops.map(({ name, at }) => ({
        place: name,
        difference: colourDifference(
          finishedSurface(one)[one.stops.indexOf(at)],
          finishedSurface(other)[other.stops.indexOf(at)],
        ),
      })),
    )
    .reduce((worst, each) => (each.difference > worst.difference ? each : worst));
}

/** Each main aspect of a surface with that of another on which the same aims hold. */
function pairAspects(of: BuildUp, other: BuildUp): [AspectBuildUp, AspectBuildUp][] {
  const others = new Map(everyAspect(other).map((each) => [each.aspect, each]));
  const [first, ...more] = [...others.keys()];
  return mainBuildUps(of).map((each) => {
    const nearest = nearestAspect([first, ...more], each.aspect);
    return [each, others.get(nearest) ?? other];
  });
}
