import { colourDifference } from '../../colour/colourDifference';
import { tints } from '../../recipe/filterEffect';
import { depositAt } from '../../recipe/predictBuildUp';
import { techniqueOf } from '../../recipe/techniques';
import type { Finding } from '../finding';
import { rule } from '../rule';
import { isFinePoint, repairFix } from '../repairStep';

/** ΔE00 a filter may take from the points before it is worth painting them again. */
const dulledFrom = 1.5;

/** A filter or glaze goes over points and edges that were finished, and nothing brings them back. */
export const filterOverPoints = rule(8, ({ recipe, lines, stop, build }) => {
  return lines.flatMap((line, index): Finding[] => {
    if (!tints(line.step) || techniqueOf(line.step.technique).sparesPoints) return [];
    const points = lines.slice(0, index).filter(({ step }) => isFinePoint(step));
    if (points.length === 0) return [];
    if (lines.slice(index + 1).some(({ step }) => isFinePoint(step))) return [];
    const dulled = (['edge', 'point'] as const).map((place) => {
      const i = stop(place);
      return depositAt(line.step, build.stops[i]) > 0
        ? colourDifference(line.below[i], line.build.surface[i])
        : 0;
    });
    const most = Math.max(...dulled);
    if (most < dulledFrom) return [];
    const repair = repairFix(recipe, line.step.id);
    return [
      {
        stepId: line.step.id,
        sentence: `Dulls the finished points of line ${points.at(-1)?.number} by ${most.toFixed(1)} ΔE00.`,
        figure: { value: most, unit: 'ΔE00' },
        fixes: repair ? [repair] : [],
      },
    ];
  });
});
