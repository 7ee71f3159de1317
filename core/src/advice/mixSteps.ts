import type { BuildUp } from '../recipe/buildUp';
import type { Shelf } from '../recipe/mixedPaint';
import type { Recipe } from '../recipe/recipe';
import { adviceContext } from './adviceContext';
import type { Fix } from './fix';
import { halfMixFix } from './halfMix';

/** From one covering line's mix to the next one's, in L*. */
export interface MixStep {
  fromStepId: string;
  toStepId: string;
  /** below 0 for darker */
  change: number;
  verdict: 'stark' | 'unseen' | 'seen';
  /** the missing rung */
  fix: Fix | null;
}

/** L* from which two mixes that follow each other want one between, and below which nobody sees a step. */
export const starkStep = 18;
export const unseenStepBelow = 2.5;

/** The steps a recipe's lights go up in: from each covering line to the next that starts no lower. */
export function mixSteps(recipe: Recipe, build: BuildUp, shelf: Shelf): MixStep[] {
  const { lines } = adviceContext(recipe, build, shelf);
  const covering = lines.filter(
    ({ build: { coverage, mix }, step }) =>
      coverage !== null && !mix.isClear && step.placement.to > 0.5,
  );
  return covering.slice(1).flatMap((upper, index): MixStep[] => {
    const lower = covering[index];
    if (upper.step.placement.from < lower.step.placement.from) return [];
    const change = upper.build.mix.colour.value - lower.build.mix.colour.value;
    const size = Math.abs(change);
    const verdict = size > starkStep ? 'stark' : size < unseenStepBelow ? 'unseen' : 'seen';
    return [
      {
        fromStepId: lower.step.id,
        toStepId: upper.step.id,
        change,
        verdict,
        fix: verdict === 'stark' ? halfMixFix(lower, upper, 'Put a half-mix between') : null,
      },
    ];
  });
}
