import type { Belongs } from '../../../written/technique/techniques/technique';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Placement } from '../../../written/place/placement';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A technique is said for places it cannot be put on: an edge line over everything. */
export const outOfPlace = rule(7, ({ judged }) =>
  judged.flatMap(({ step, written }): Finding[] => {
    const { belongs, label, usualPlacement } = techniqueOf(step.technique);
    // A spot, a hem or a side has edges and recesses of its own.
    if (!belongs || step.placement.aim) return [];
    const beyond = howFarBeyond(step.placement, belongs);
    if (beyond <= 0) return [];
    return [
      {
        stepId: step.id,
        sentence: `A line of ${label} goes ${belongs.where}; this one is said for another place.`,
        figure: { value: Math.round(beyond * 100), unit: '% of the way from pit to point beyond' },
        fixes: [
          {
            label: `Put it ${belongs.where}`,
            changes: [{ do: 'replace', step: { ...written, placement: usualPlacement } }],
          },
        ],
      },
    ];
  }),
);

/** How far a placement lies outside where its technique belongs, on the tone axis; 0 where it does not. */
function howFarBeyond({ from, to }: Placement, belongs: Belongs): number {
  const { startsUpTo = 1, startsFrom = 0, endsUpTo = 1, endsFrom = 0 } = belongs;
  return Math.max(from - startsUpTo, startsFrom - from, to - endsUpTo, endsFrom - to, 0);
}
