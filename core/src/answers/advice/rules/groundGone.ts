import { groundRefusal } from '../../../predicted/ground/onGround';
import { potOn } from '../../../predicted/paint/mixedPaint';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** The ground of a recipe is gone, or stands on the recipe itself. */
export const groundGone = rule(1, ({ recipe, shelf }): Finding[] => {
  const refusal = groundRefusal(recipe, shelf);
  if (!refusal) return [];
  const primer = potOn(shelf, recipe.groundPotId);
  return [
    {
      stepId: null,
      sentence: `${refusal} It is predicted over what is left of it.`,
      figure: { value: 0, unit: 'recipes below' },
      fixes: [
        {
          label: `Paint it over ${primer.name}`,
          changes: [{ do: 'ground', potId: primer.id }],
        },
      ],
    },
  ];
});
