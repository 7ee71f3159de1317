import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { opticsOf } from '../paint/opticsOfPot';
import type { Optics } from '../../light/optics/optics';
import { isAtHand } from '../../written/pot/stock';
import { tints } from './filterEffect';
import { flattenMix } from '../../written/recipe/flattenMix';
import { includedSteps } from '../../written/recipe/includedSteps';
import type { Mix, MixPart } from '../../written/mix/mix';
import { laidPaint } from '../paint/laidPaint';
import { type Shelf } from '../paint/mixedPaint';
import { filtersAt, preCompensate, type PreCompensation, type Pusher } from './preCompensate';
import type { Recipe } from '../../written/recipe/recipe';
import { fittingParts, sameTogether } from '../../written/mix/simplestParts';
import type { Step } from '../../written/recipe/step';
import { techniqueOf } from '../../written/technique/techniques';
import { placeOf } from '../../written/place/toneAxis';

/** The highlight below a filter, and how it is pushed so that it lands where it is now. */
export interface HighlightPush {
  stepId: string;
  place: 'crown' | 'edge';
  target: SurfaceColour;
  found: PreCompensation;
}

/**
 * How to push the lightest covering layer below a filter, so that after this filter and all those
 * to come it looks as it does now.
 *
 * @returns null where there is no such layer, or nothing comes to lie on it
 * @throws CarryError, UnknownPotError
 */
export function pushHighlight(
  recipe: Recipe,
  filterId: string,
  shelf: Shelf,
): HighlightPush | null {
  const painted = includedSteps(recipe);
  const at = painted.findIndex(({ id }) => id === filterId);
  const highlight = painted.slice(0, Math.max(0, at)).findLast(isHighlight);
  if (!highlight) return null;
  const place = highlight.placement.from <= placeOf('crown') ? 'crown' : 'edge';
  const paint = paintOf(highlight, recipe, shelf);
  const filters = filtersAt(
    painted
      .slice(painted.indexOf(highlight) + 1)
      .filter(tints)
      .map((step) => ({ step, paint: paintOf(step, recipe, shelf) })),
    placeOf(place),
  );
  if (filters.length === 0) return null;
  const target = surfaceColour(masstoneOf(paint));
  return {
    stepId: highlight.id,
    place,
    target,
    found: preCompensate(target, filters, paint, pushersOn(shelf)),
  };
}

/** A highlight's own parts as often as found, with the pots that push it. */
export function pushedMix(
  mix: Mix,
  { highlightParts, added }: Pick<PreCompensation, 'highlightParts' | 'added'>,
): Mix {
  const total = mix.parts.reduce((sum, { parts }) => sum + parts, 0);
  const own = mix.parts.map((part) => ({ ...part, parts: part.parts * highlightParts }));
  const pots = added.map(({ potId, parts }): MixPart => ({
    from: 'pot',
    potId,
    parts: parts * total,
  }));
  // Multiplied through by the mix's total, so that whole parts stay whole.
  const parts = sameTogether([...(highlightParts > 0 ? own : []), ...pots]);
  return { ...mix, parts: fittingParts(parts) };
}

const isHighlight = ({ technique, placement }: Step) =>
  techniqueOf(technique).covers &&
  placement.from > placeOf('mid') &&
  placement.from <= placeOf('edge');

function paintOf(step: Step, recipe: Recipe, shelf: Shelf): Optics {
  const index = recipe.steps.findIndex(({ id }) => id === step.id);
  return laidPaint(step.technique, flattenMix(step.mix, recipe.steps.slice(0, index)), shelf);
}

export function pushersOn(shelf: Shelf): Pusher[] {
  return [...shelf.values()]
    .filter((pot) => pot.kind === 'paint' && pot.finish !== 'metallic' && isAtHand(pot))
    .map((pot) => ({ potId: pot.id, optics: opticsOf(pot) }));
}
