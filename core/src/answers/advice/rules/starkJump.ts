import { tints } from '../../../predicted/glazes/filterEffect';
import { depositAt } from '../../../written/recipe/depositAt';
import { surfaceFacts } from '../../../written/recipe/surfaceFacts';
import { techniqueOf } from '../../../written/technique/techniques';
import type { PaintedLine } from '../adviceContext';
import type { Fix } from '../fixes/fix';
import { halfMixFix } from '../fixes/halfMix';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** An end softer than this is no hard one. */
const hardUpTo = 0.06;

/**
 * A layer with a hard end that is much lighter or darker than what it borders on, and still is when
 * all is painted. On metal, gems and blades that is what makes them shine.
 */
export const starkJump = rule(11, (context) => {
  const { lines, build, recipe, finished } = context;
  return lines.flatMap((line, index): Finding[] => {
    const { technique, placement, stage } = line.step;
    const { starkFrom } = techniqueOf(technique);
    if (starkFrom === undefined || stage === 'finish') return [];
    if (placement.from <= 0 || placement.softness >= hardUpTo || line.build.mix.isClear) return [];
    if (isTiedTogether(line, lines.slice(index + 1))) return [];
    const border = build.stops.findIndex((at) => at >= placement.from - 1e-9);
    const under = Math.max(0, border - 1);
    const jump = line.build.surface[border].value - line.below[under].value;
    const allowed = starkFrom * surfaceFacts[recipe.surface].contrast;
    const left = Math.abs(finished[border].value - finished[under].value);
    if (Math.abs(jump) <= allowed || left <= allowed) return [];
    return [
      {
        stepId: line.step.id,
        sentence: `A jump ${jump < 0 ? 'down' : 'up'} in value with a hard end: it shows as a line.`,
        figure: { value: Math.abs(jump), unit: 'L*' },
        fixes: fixesOf(line, lines.slice(0, index)),
      },
    ];
  });
});

function fixesOf(line: PaintedLine, above: readonly PaintedLine[]): Fix[] {
  const lower = above.findLast(
    ({ step, build }) => build.coverage !== null && step.placement.from < line.step.placement.from,
  );
  const half = lower && halfMixFix(lower, line, 'Put a half-mix between');
  const softened = {
    ...line.written,
    placement: { ...line.written.placement, softness: 0.12 },
  };
  return [
    ...(half ? [half] : []),
    { label: 'Soften its end', changes: [{ do: 'replace', step: softened }] },
  ];
}

/** A filter over the whole border to come: the stark sketch is meant, and will be unified. */
function isTiedTogether({ step }: PaintedLine, above: readonly PaintedLine[]): boolean {
  const { from } = step.placement;
  return above.some(
    ({ step: later }) =>
      tints(later) && !techniqueOf(later.technique).sparesPoints && depositAt(later, from) > 0.5,
  );
}
