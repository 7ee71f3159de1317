import { mostSteps, type Recipe } from '../../../written/recipe/recipe';
import type { SetAside } from '../../../written/recipe/setAside';
import type { Step } from '../../../written/recipe/step';

export type RecipeChange =
  | { do: 'replace'; step: Step }
  | { do: 'insertBefore' | 'insertAfter'; stepId: string; step: Step }
  | { do: 'ground'; potId: string }
  | { do: 'setAside'; setAside: SetAside[] };

/** A mend: what its button says, and what it changes. */
export interface Fix {
  label: string;
  changes: RecipeChange[];
}

/** A recipe with a mend put in. Lines to be replaced that are gone by now are passed over. */
export function applyFix(recipe: Recipe, { changes }: Fix): Recipe {
  return changes.reduce<Recipe>((current, change) => {
    if (change.do === 'ground') {
      const { ground: _finished, ...onPrimer } = current;
      return { ...onPrimer, groundPotId: change.potId };
    }
    if (change.do === 'setAside') return { ...current, setAside: change.setAside };
    if (change.do === 'replace')
      return {
        ...current,
        steps: current.steps.map((step) => (step.id === change.step.id ? change.step : step)),
      };
    if (current.steps.length >= mostSteps) return current;
    const found = current.steps.findIndex(({ id }) => id === change.stepId);
    if (found < 0) return current;
    const steps = [...current.steps];
    steps.splice(change.do === 'insertAfter' ? found + 1 : found, 0, {
      ...change.step,
      id: freshId(current, change.step.id),
    });
    return { ...current, steps };
  }, recipe);
}

/** An identifier no line of the recipe has, made from the one wished for. */
function freshId({ steps }: Recipe, wished: string): string {
  const used = new Set(steps.map(({ id }) => id));
  const base = wished.slice(0, 58);
  for (let count = 1; ; count++) {
    const id = count === 1 ? base : `${base}-${count}`;
    if (!used.has(id)) return id;
  }
}
