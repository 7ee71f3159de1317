import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import type { Recipe } from '../../written/recipe/recipe';
import { flattenMix } from '../../written/recipe/flattenMix';
import { surfaceFacts } from '../../written/recipe/surfaceFacts';
import type { Step } from '../../written/recipe/step';
import { mixedPaint, type Shelf } from '../paint/mixedPaint';
import { bridgeMixes, type Bridge } from './bridgeMixes';
import { playForward } from './preCompensate';
import { linesToTint } from './tintsToCome';

/**
 * L* between two layers on cloth that is just seen at arm's length: a trained eye tells a quarter of
 * it in bands a millimetre wide, a player across the table none below it. Our own starting point.
 */
const justSeen = 4;

/** The mixes between two lines so that each step is just seen at arm's length in the end. */
export interface SeenSpan {
  lower: Step;
  upper: Step;
  bridge: Bridge;
}

/** The step of value that is just seen at arm's length on a surface, L*. */
export const justSeenOn = (surface: Recipe['surface']): number =>
  justSeen * surfaceFacts[surface].contrast;

/**
 * Ratios from one line to the next, such as dark, mid and light, so that each step is just seen at
 * arm's length after all that follows: the glazes and filters that come over the upper line are laid
 * over every rung before the steps are judged.
 *
 * @param lineIds two or more lines, from the darkest up
 * @throws RangeError for fewer than two lines or one that is not there; CarryError, UnknownPotError
 */
export function seenLadder(recipe: Recipe, lineIds: readonly string[], shelf: Shelf): SeenSpan[] {
  const lines = lineIds.map((id) => {
    const step = recipe.steps.find((each) => each.id === id);
    if (!step) throw new RangeError('This line is no longer in the recipe.');
    return step;
  });
  if (lines.length < 2) throw new RangeError('A ladder leads from one line to another.');
  const toCome = linesToTint(recipe, shelf);
  const paintOf = (step: Step) =>
    mixedPaint(flattenMix(step.mix, recipe.steps.slice(0, recipe.steps.indexOf(step))), shelf);
  return lines.slice(1).map((upper, index) => {
    const lower = lines[index];
    const filters = toCome.find(({ step }) => step.id === upper.id)?.filters ?? [];
    const bridge = bridgeMixes(paintOf(lower), paintOf(upper), justSeenOn(recipe.surface), (mix) =>
      surfaceColour(playForward(masstoneOf(mix), filters)),
    );
    return { lower, upper, bridge };
  });
}
