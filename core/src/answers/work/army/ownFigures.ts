import { mostOfRange } from '../../../written/recipe/includedSteps';
import type { Recipe } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import type { TechniqueName } from '../../../written/technique/techniques';

/** How a painter differs from what is reckoned for a usual hand; each a factor, 1 is as reckoned. */
export interface OwnFigures {
  /** hands-on time, by technique; what is not here is as reckoned */
  handsOn: Partial<Record<TechniqueName, number>>;
  drying: number;
  /** paint that is mixed for what is painted */
  paint: number;
  /** thickness of a coat */
  film: number;
  /** minutes to clean the brush and change to another paint; undefined where too little is known */
  changing?: number;
  /** coats of lines whose painter wrote a range, by `lineKey`; what is not here is the middle */
  coats: Readonly<Record<string, number>>;
}

/** One line among all recipes. */
export const lineKey = (recipeId: string, stepId: string) => `${recipeId} ${stepId}`;

/** Lines with the coats their painter usually gives them where a range is written. */
export function asUsuallyPainted(
  painted: readonly Step[],
  { id, finishLevel }: Pick<Recipe, 'id' | 'finishLevel'>,
  { coats }: OwnFigures,
): Step[] {
  return painted.map((step) => {
    const most = mostOfRange(step, finishLevel);
    const usual = coats[lineKey(id, step.id)];
    if (most === null || usual === undefined) return step;
    return { ...step, coats: Math.min(most, Math.max(1, usual)) };
  });
}

/** A painter nothing is known of. */
export const usualHand: OwnFigures = { handsOn: {}, drying: 1, paint: 1, film: 1, coats: {} };
