import { colourDifference } from '../../../light/colour/colourDifference';
import { areaShares } from '../../../written/place/areaShares';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** So much of the form that no line ever covers is missed. */
const bareFrom = 0.15;
/** A place with less than this of a coat, from all lines together, is bare. */
const coveredFrom = 0.3;
/** A primer so near to the first coat's colour may stay, ΔE00. */
const standsOutFrom = 12;

/** The first coat goes on a part of the surface alone, and bare primer is left beside it. */
export const barePrimer = rule(4, ({ lines, judged, form, build, recipe }) => {
  const first = lines.at(0);
  if (!first || !judged.includes(first) || recipe.ground) return [];
  const { step, meaning, written } = first;
  const { covers } = techniqueOf(step.technique);
  if (step.stage !== 'base' || meaning !== 'cover' || !covers || step.placement.aim) return [];
  if (colourDifference(build.ground[0], first.build.mix.colour) < standsOutFrom) return [];
  const bare = areaShares(form, build.stops).reduce((sum, share, i) => {
    const laid = lines.reduce(
      (sum, line) =>
        techniqueOf(line.step.technique).covers === true && line.meaning !== 'mark'
          ? sum + line.build.deposit[i] * line.step.coats
          : sum,
      0,
    );
    return sum + (laid < coveredFrom ? share : 0);
  }, 0);
  if (bare < bareFrom) return [];
  const { last: _last, ...placement } = written.placement;
  const everywhere = { ...placement, from: 0, to: 1, softness: 0 };
  return [
    {
      stepId: step.id,
      sentence: `Leaves ${Math.round(bare * 100)} % of the surface in bare primer: a first coat goes everywhere.`,
      figure: { value: Math.round(bare * 100), unit: '% bare' },
      fixes: [
        {
          label: 'Put it everywhere',
          changes: [{ do: 'replace', step: { ...written, placement: everywhere } }],
        },
      ],
    } satisfies Finding,
  ];
});
