import type { UnitSurface } from '../../army/army';
import { stepsFor } from '../../army/surfaces/stepsFor';
import { rangeOfCoats } from '../../../../written/recipe/includedSteps';
import type { Recipe } from '../../../../written/recipe/recipe';
import type { Step } from '../../../../written/recipe/step';
import type { OnSurface } from './onFigure';
import { onWritten } from './onWritten';

/** A coat that is still to be painted on one surface of one model. */
export interface OpenCoat {
  step: Step;
  index: number;
  coat: number;
  coats: number;
  /** the most its painter wrote, where the least may not be enough */
  upTo: number;
}

/** Coats that are left to do on a surface, in their order, and how many are done. */
export function openCoats(
  surface: Pick<UnitSurface, 'isHidden'>,
  recipe: Recipe,
  noted: OnSurface,
): { open: OpenCoat[]; done: number } {
  const on = onWritten(recipe, noted);
  const foundTo = Math.max(
    -1,
    ...on.found.map(({ stepId }) => recipe.steps.findIndex(({ id }) => id === stepId)),
  );
  let done = 0;
  const open = stepsFor(surface, recipe).flatMap((step): OpenCoat[] => {
    const index = recipe.steps.findIndex(({ id }) => id === step.id);
    const painted = on.coats.get(step.id) ?? [];
    // Of a range the least are to come; whether they are enough is asked at the last of them.
    const [least, upTo] = rangeOfCoats(recipe.steps[index], recipe.finishLevel);
    const coats = Math.max(
      least < upTo ? least : step.coats,
      ...painted.map(({ wanted }) => wanted ?? 0),
    );
    done += Math.min(coats, painted.length);
    if (index <= foundTo || on.skipped.has(step.id)) return [];
    const laid = new Set(painted.map(({ coat }) => coat));
    return Array.from({ length: coats + painted.length }, (_, i) => i + 1)
      .filter((coat) => !laid.has(coat))
      .slice(0, Math.max(0, coats - painted.length))
      .map((coat) => ({ step, index, coat, coats, upTo }));
  });
  return { open, done };
}
