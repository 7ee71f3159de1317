import type { Photograph, Recipe } from '@yellow-ledger/core';
import { useState } from 'react';
import { useRecord } from '../../data/useCollections';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useRecipeRows } from '../../workers/useRecipeRows';

/** The recipe a photograph is held against: its own, one of its model’s, or any that is chosen. */
export function useAgainst({ of }: Photograph) {
  const [chosen, setChosen] = useState<string | null>(null);
  const { rows } = useRecipeRows();
  const { answer: painted } = useAnswer(
    ofEverything,
    [JSON.stringify(of)],
    async (worker) => {
      if (of.kind !== 'model') return [];
      const shown = await worker.modelShown(of.holderId, of.unitId, of.model);
      return (shown?.surfaces ?? []).flatMap(({ surface, written }) =>
        written ? [{ id: written.id, name: `${surface.name}: ${written.name}` }] : [],
      );
    },
    of.kind === 'model',
  );
  const own = of.kind === 'recipe' ? of.recipeId : painted?.at(0)?.id;
  const recipeId = chosen ?? own ?? '';
  const recipe: Recipe | undefined = useRecord('recipes', recipeId)?.content;
  const first = new Set(painted?.map(({ id }) => id));
  return {
    recipe,
    recipeId,
    choose: setChosen,
    options: [
      { id: '', name: 'no recipe' },
      ...(painted ?? []),
      ...(rows ?? []).filter(({ id, archived }) => !archived && !first.has(id)),
    ],
  };
}
