import { tints } from '../../../predicted/glazes/filterEffect';
import { depositAt } from '../../../written/recipe/depositAt';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Finding } from '../finding';
import { rule } from '../rule';
import { isFinePoint, repairFix } from '../fixes/repairStep';

/** L* a tint takes from finished points, less the strength of colour it gives them, before it dulls. */
const dulledFrom = 13;
/** Points that still stand so far above the mid, of what they did, are points still. */
const standFrom = 0.5;
/** A light that loses so much strength of colour, C, with its light is dulled, however far it stands out. */
const greyedFrom = 8;

/**
 * A filter or glaze goes over points and edges that were finished and takes more light from them
 * than it gives colour, and nothing brings them back. A light that gains by its tint was put there
 * to be tinted.
 */
export const filterOverPoints = rule(8, ({ recipe, lines, stop, build }) => {
  return lines.flatMap((line, index): Finding[] => {
    if (!tints(line.step) || techniqueOf(line.step.technique).sparesPoints) return [];
    const points = lines.slice(0, index).filter(({ step }) => isFinePoint(step));
    if (points.length === 0) return [];
    if (lines.slice(index + 1).some(({ step }) => isFinePoint(step))) return [];
    const mid = stop('mid');
    const above = (surface: typeof line.below, i: number) => surface[i].value - surface[mid].value;
    const losses = (['edge', 'point'] as const).flatMap((place) => {
      const i = stop(place);
      if (depositAt(line.step, build.stops[i]) === 0) return [];
      const before = line.below[i];
      const after = line.build.surface[i];
      const lost = before.value - after.value;
      const gained = Math.max(0, after.chroma - before.chroma);
      const stands = above(line.build.surface, i) / Math.max(1, above(line.below, i));
      const isGreyed = before.chroma - after.chroma >= greyedFrom;
      return lost - gained >= dulledFrom && (stands < standFrom || isGreyed) ? [lost] : [];
    });
    if (losses.length === 0) return [];
    const most = Math.max(...losses);
    const repair = repairFix(recipe, line.step.id);
    return [
      {
        stepId: line.step.id,
        sentence: `Takes the light from the finished points of line ${points.at(-1)?.number}, and they no longer stand out.`,
        figure: { value: most, unit: 'L*' },
        fixes: repair ? [repair] : [],
      },
    ];
  });
});
