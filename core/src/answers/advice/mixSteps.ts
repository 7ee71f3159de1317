import type { BuildUp } from '../../predicted/buildUp/buildUp';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import { surfaceFacts } from '../../written/recipe/surfaceFacts';
import { toneStops, type ToneStopName } from '../../written/place/toneAxis';
import { adviceContexts, type PaintedLine } from './adviceContext';
import type { Fix } from './fixes/fix';
import { halfMixFix } from './fixes/halfMix';

/** The change of lightness by a line at the place where it changes most, on the surface as it stands. */
export interface MixStep {
  /** the line that was last painted there */
  fromStepId: string;
  toStepId: string;
  place: ToneStopName;
  /** of the surface there, L*; below 0 for darker */
  change: number;
  /** `joins`: a tint or a dry brush that is to be hardly seen */
  verdict: 'stark' | 'unseen' | 'seen' | 'joins';
  /** the missing rung */
  fix: Fix | null;
}

/** L* on cloth from which a step wants one between; more on other surfaces, most on metal. */
export const starkStep = 18;
/** L* below which nobody sees a step. */
export const unseenStepBelow = 2.5;
/** A place with less of a line than this is in its fade. */
const laidFrom = 0.25;

/**
 * The steps a recipe goes up and down in: each line against the surface it goes onto, glazes,
 * one-coat lines and shadows too. The first paint on the ground is no step.
 *
 * @param aspectKey where it is looked at; where the surface is mostly looked at unless said
 */
export function mixSteps(
  recipe: Recipe,
  build: BuildUp,
  shelf: Shelf,
  aspectKey?: string,
): MixStep[] {
  const { main, all } = adviceContexts(recipe, build, shelf);
  const { lines, stop } = all.find((each) => each.build.aspect.key === aspectKey) ?? main;
  const { contrast } = surfaceFacts[recipe.surface];
  const laidAt = ({ build: { deposit } }: PaintedLine, name: ToneStopName) =>
    deposit[stop(name)] >= laidFrom;
  return lines.flatMap((line, index): MixStep[] => {
    if (line.meaning === null) return [];
    const before = lines.slice(0, index).filter(({ meaning }) => meaning !== null);
    const places = toneStops.flatMap(({ name }) => {
      const lower = before.findLast((each) => laidAt(each, name));
      if (!lower || !laidAt(line, name)) return [];
      const change = line.build.surface[stop(name)].value - line.below[stop(name)].value;
      return [{ name, lower, change }];
    });
    const most = places.reduce<(typeof places)[number] | null>(
      (best, each) => (!best || Math.abs(each.change) > Math.abs(best.change) ? each : best),
      null,
    );
    if (!most) return [];
    const size = Math.abs(most.change);
    const verdict =
      size < unseenStepBelow
        ? isToJoin(line)
          ? 'joins'
          : 'unseen'
        : size > starkStep * contrast && canShowALine(line)
          ? 'stark'
          : 'seen';
    const isRise = line.step.placement.from >= most.lower.step.placement.from;
    return [
      {
        fromStepId: most.lower.step.id,
        toStepId: line.step.id,
        place: most.name,
        change: most.change,
        verdict,
        fix:
          verdict === 'stark' && isRise
            ? halfMixFix(most.lower, line, 'Put a half-mix between')
            : null,
      },
    ];
  });
}

/** A glaze or a dry brush draws steps together: that it is hardly seen is its purpose. */
const isToJoin = ({ meaning }: PaintedLine) => meaning === 'tint' || meaning === 'buildUp';

/** A wash, a glaze or a dry brush melts away; what covers ends somewhere, unless it is all over. */
const canShowALine = ({ meaning, step: { placement } }: PaintedLine) =>
  (meaning === 'cover' || meaning === 'showThrough' || meaning === 'mark') &&
  (placement.from > 0 || placement.to < 1);
