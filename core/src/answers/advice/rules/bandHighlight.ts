import type { Finding } from '../finding';
import { rule } from '../rule';
import { surfaceFacts } from '../../../written/recipe/surfaceFacts';

/** A highlight that ends below the crown leaves off before the light does. */
const endsBelow = 0.8;
/** It shows where what lies above stays so much darker, L*. */
const darkerFrom = 4;

/** A highlight stops short of crown and edges, and nothing lights them: the form looks capped. */
export const bandHighlight = rule(14, ({ judged, finished, stop, recipe }) => {
  if (surfaceFacts[recipe.surface].gleams) return [];
  const raised = finished[stop('raised')].value;
  const above = Math.max(finished[stop('crown')].value, finished[stop('edge')].value);
  if (raised - above < darkerFrom) return [];
  return judged.flatMap(({ step, written, meaning }): Finding[] => {
    const { placement, stage } = step;
    const isBand = placement.from >= 0.4 && placement.to < endsBelow && !placement.aim;
    if (stage !== 'highlight' || meaning === null || !isBand) return [];
    return [
      {
        stepId: step.id,
        sentence: 'Stops below the crown, which stays darker than the raised places beside it.',
        figure: { value: raised - above, unit: 'L* darker above' },
        fixes: [
          {
            label: 'Take it up to the point',
            changes: [
              { do: 'replace', step: { ...written, placement: { ...written.placement, to: 1 } } },
            ],
          },
        ],
      },
    ];
  });
});
