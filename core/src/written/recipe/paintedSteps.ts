import { plainAspect, type Aspect } from '../place/aspects';
import { aimKeyOf } from './aimOf';
import { includedSteps, middleCoats } from './includedSteps';
import type { Recipe } from './recipe';
import type { Step } from './step';

/**
 * A line as the prediction lays it: its coats are the middle of what is written, which may be a
 * half, and in an aspect it goes on as far as its aim is fulfilled there.
 */
export interface PaintedStep extends Step {
  /** 0 nothing to 1 all of it; all where not said */
  weight?: number;
  /** the last of a surface that is finished: nothing takes it off any more */
  isDry?: boolean;
}

/** The lines a prediction lays in an aspect, in order; those that go on nowhere in it as well. */
export function paintedSteps(
  recipe: Pick<Recipe, 'steps' | 'finishLevel'>,
  aspect: Aspect = plainAspect,
): PaintedStep[] {
  const written = new Map(recipe.steps.map((step) => [step.id, step]));
  return includedSteps(recipe).map((step) => {
    const coats = middleCoats(written.get(step.id) ?? step, recipe.finishLevel);
    const painted = inAspect(step, aspect);
    return coats === painted.coats ? painted : { ...painted, coats };
  });
}

/** A line as far as its aim is fulfilled in an aspect. */
export function inAspect(step: Step, aspect: Aspect): PaintedStep {
  const key = aimKeyOf(step);
  return key === '' ? step : { ...step, weight: aspect.weights.get(key) ?? 0 };
}
