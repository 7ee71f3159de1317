import { mostParts, type Mix, type MixPart } from '../../written/mix/mix';
import type { Recipe } from '../../written/recipe/recipe';
import { fittingParts, sameTogether } from '../../written/mix/simplestParts';

/** Whole parts of pots that stand in for one pot. */
export type StandIn = readonly { potId: string; parts: number }[];

/** A stand-in that cannot take the place of a pot in a recipe. */
export class ReplaceError extends RangeError {
  constructor(message: string) {
    super(message);
    this.name = 'ReplaceError';
  }
}

const mostInAMix = 12;

/**
 * A recipe with a pot replaced wherever it is drawn from. Parts stay whole where they were, and
 * the thinning stays as it was written.
 *
 * @throws ReplaceError when a ground would become a mix, or a mix would hold more than 12 things
 */
export function replacePot(recipe: Recipe, potId: string, standIn: StandIn): Recipe {
  if (recipe.groundPotId === potId && standIn.length > 1)
    throw new ReplaceError('a ground is sprayed from one pot, so one pot has to replace it');
  return {
    ...recipe,
    groundPotId: recipe.groundPotId === potId ? standIn[0].potId : recipe.groundPotId,
    steps: recipe.steps.map((step) =>
      drawsFrom(step.mix, potId) ? { ...step, mix: replacedIn(step.mix, potId, standIn) } : step,
    ),
  };
}

/** Whether a recipe draws from a pot, as its ground or in a mix. */
export function usesPot({ groundPotId, steps }: Recipe, potId: string): boolean {
  return groundPotId === potId || steps.some(({ mix }) => drawsFrom(mix, potId));
}

const drawsFrom = ({ parts }: Mix, potId: string) =>
  parts.some((part) => part.from === 'pot' && part.potId === potId);

function replacedIn(mix: Mix, potId: string, standIn: StandIn): Mix {
  const total = standIn.reduce((sum, { parts }) => sum + parts, 0);
  // Multiplied through by the stand-in's total, so that whole parts stay whole.
  const spread = mix.parts.flatMap((part): MixPart[] =>
    part.from === 'pot' && part.potId === potId
      ? standIn.map((each) => ({ from: 'pot', potId: each.potId, parts: each.parts * part.parts }))
      : [{ ...part, parts: part.parts * total }],
  );
  const parts = fittingParts(sameTogether(spread));
  if (parts.length > mostInAMix)
    throw new ReplaceError(
      `a mix holds up to ${mostInAMix} pots, and this would make ${parts.length}`,
    );
  return {
    ...mix,
    parts: parts.map((part) => ({ ...part, parts: Math.min(mostParts, part.parts) })),
  };
}
