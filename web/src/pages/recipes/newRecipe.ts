import { lineLimit, type Pot, type Recipe } from '@yellow-ledger/core';

/** An empty recipe on the first primer of the shelf; null where there is no primer. */
export function newRecipe(pots: readonly Pot[]): Recipe | null {
  const primer = pots.find(({ kind, retired }) => kind === 'primer' && !retired);
  if (!primer) return null;
  return {
    id: crypto.randomUUID(),
    name: 'New recipe',
    surface: 'cloth',
    groundPotId: primer.id,
    finishLevel: 'display',
    models: 6,
    areaCm2: 8,
    steps: [],
    notes: '',
    archived: false,
  };
}

/** The same recipe under another name, with lines of its own. */
export function copyOfRecipe(recipe: Recipe): Recipe {
  const mark = ' (copy)';
  const newIds = new Map(recipe.steps.map(({ id }) => [id, crypto.randomUUID()]));
  const renamed = (stepId: string) => newIds.get(stepId) ?? stepId;
  return {
    ...recipe,
    id: crypto.randomUUID(),
    name: recipe.name.slice(0, lineLimit - mark.length) + mark,
    archived: false,
    steps: recipe.steps.map((step) => ({
      ...step,
      id: renamed(step.id),
      ...(step.restores === undefined ? {} : { restores: renamed(step.restores) }),
      mix: {
        ...step.mix,
        parts: step.mix.parts.map((part) =>
          part.from === 'step' ? { ...part, stepId: renamed(part.stepId) } : part,
        ),
      },
    })),
  };
}
