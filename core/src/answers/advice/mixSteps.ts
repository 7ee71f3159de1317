import type { BuildUp } from '../../predicted/buildUp/buildUp';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import { surfaceFacts } from '../../written/recipe/surfaceFacts';
import type { SurfaceName } from '../../written/technique/surfaceNames';
import { techniqueOf } from '../../written/technique/techniques';
import { toneStops, type ToneStopName } from '../../written/place/toneAxis';
import { adviceContexts, type PaintedLine } from './adviceContext';
import type { Fix } from './fixes/fix';
import { findingsOf } from './adviseRecipe';
import { starkJump } from './rules/starkJump';
import { unseenStep } from './rules/unseenStep';

/** The change of lightness by a line at the place where it changes most, on the surface as it stands. */
export interface MixStep {
  /** the line that was last painted there */
  fromStepId: string;
  toStepId: string;
  place: ToneStopName;
  /** of the surface there, L*; below 0 for darker */
  change: number;
  /** `stark` and `unseen` where the remarks on the lines say so; `joins`: a tint or a dry brush that is to be hardly seen */
  verdict: 'stark' | 'unseen' | 'seen' | 'joins';
  /** the missing rung */
  fix: Fix | null;
}

/** A hard end of a layer shows as a line from so many L* on, more on metal than on cloth. */
export const showsAsLineFrom = (surface: SurfaceName): number =>
  (techniqueOf('layer').starkFrom ?? Infinity) * surfaceFacts[surface].contrast;

/** L* below which a tint or a dry brush draws steps together and is none itself. */
const joinsBelow = 2.5;
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
  const contexts = adviceContexts(recipe, build, shelf);
  const { lines, stop } =
    contexts.all.find((each) => each.build.aspect.key === aspectKey) ?? contexts.main;
  const stark = new Map(findingsOf(starkJump, contexts).map((each) => [each.stepId, each]));
  const unseen = new Set(findingsOf(unseenStep, contexts).map(({ stepId }) => stepId));
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
    const jump = stark.get(line.step.id);
    return [
      {
        fromStepId: most.lower.step.id,
        toStepId: line.step.id,
        place: most.name,
        change: most.change,
        verdict: jump
          ? 'stark'
          : unseen.has(line.step.id)
            ? 'unseen'
            : isToJoin(line) && Math.abs(most.change) < joinsBelow
              ? 'joins'
              : 'seen',
        fix: jump?.fixes.at(0) ?? null,
      },
    ];
  });
}

/** A glaze or a dry brush draws steps together: that it is hardly seen is its purpose. */
const isToJoin = ({ meaning }: PaintedLine) => meaning === 'tint' || meaning === 'buildUp';
