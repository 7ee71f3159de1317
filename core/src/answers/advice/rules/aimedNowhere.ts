import { aimKeyOf } from '../../../written/recipe/aimOf';
import { aimProblem } from '../../../written/recipe/aimProblem';
import { includedSteps } from '../../../written/recipe/includedSteps';
import { shapeOf } from '../../../written/recipe/shapeOf';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A line is aimed at something its form has not: nothing of it is laid. */
export const aimedNowhere = rule(2, ({ recipe, aspects }) => {
  const shape = shapeOf(recipe);
  return includedSteps(recipe).flatMap((step): Finding[] => {
    const key = aimKeyOf(step);
    const isSomewhere = aspects.some(({ aspect }) => (aspect.weights.get(key) ?? 0) > 0);
    const problem = key === '' || isSomewhere ? null : aimProblem(step, shape);
    if (!problem) return [];
    const written = recipe.steps.find(({ id }) => id === step.id) ?? step;
    const { aim: _aim, last: _last, ...placement } = written.placement;
    return [
      {
        stepId: step.id,
        sentence: `${problem} Nothing of this line is laid.`,
        figure: { value: 0, unit: '% of the surface' },
        fixes: [
          {
            label: 'Aim it at nothing',
            changes: [{ do: 'replace', step: { ...written, placement } }],
          },
        ],
      },
    ];
  });
});
