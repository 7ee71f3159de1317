import type { Pot } from '../../written/pot/pot';
import { flattenMix } from '../../written/recipe/flattenMix';
import { includedSteps } from '../../written/recipe/includedSteps';
import { isEstimate, potOn, type Shelf } from '../paint/mixedPaint';
import { onGround } from '../ground/onGround';
import type { Recipe } from '../../written/recipe/recipe';

/** The reasons a recipe’s prediction is only an estimate. */
export interface EstimateCause {
  potId: string;
  because:
    'its coverage is a guess' | 'metal turns with the light' | 'it glows brighter than any swatch';
}

/**
 * The pots that make a recipe’s prediction an estimate, each once, the ground first.
 *
 * @throws UnknownPotError, CarryError
 */
export function estimatesOf(written: Recipe, shelf: Shelf): EstimateCause[] {
  const { recipe } = onGround(written, shelf);
  const drawn = includedSteps(recipe).flatMap((step) => {
    const index = recipe.steps.findIndex(({ id }) => id === step.id);
    return flattenMix(step.mix, recipe.steps.slice(0, index)).map(({ potId }) => potId);
  });
  const ground = potOn(shelf, recipe.groundPotId);
  const pots = [...new Set(drawn)].map((potId) => potOn(shelf, potId)).filter(isEstimate);
  // A primer covers outright: a guess at its hiding changes nothing.
  return [...(ground.finish === 'metallic' ? [ground] : []), ...pots].map((pot) => ({
    potId: pot.id,
    because: becauseOf(pot),
  }));
}

function becauseOf({ finish }: Pot): EstimateCause['because'] {
  if (finish === 'metallic') return 'metal turns with the light';
  return finish === 'fluorescent' ? 'it glows brighter than any swatch' : 'its coverage is a guess';
}
