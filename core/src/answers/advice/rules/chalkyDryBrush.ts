import { surfaceFacts } from '../../../written/recipe/surfaceFacts';
import { techniqueOf } from '../../../written/technique/techniques';
import { halfMixFix } from '../fixes/halfMix';
import type { AdviceContext, PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** L* a dry brush may stand above what lies under its strokes: on a smooth surface, and on a rough one. */
const chalkyFrom = { smooth: 42, rough: 80 };

/** A pale dry brush over much darker smooth work: speckles of chalk. Over fur, stone or earth it is usual. */
export const chalkyDryBrush = rule(12, (context) => {
  const { lines, recipe } = context;
  return lines.flatMap((line, index): Finding[] => {
    if (!techniqueOf(line.step.technique).isDry || isTintedLater(line, context)) return [];
    const { isRough } = surfaceFacts[recipe.surface];
    const jump = line.build.mix.colour.value - valueUnder(line);
    if (jump <= chalkyFrom[isRough ? 'rough' : 'smooth']) return [];
    const lower = lines.slice(0, index).findLast(({ build }) => !build.mix.isClear);
    const half = lower && halfMixFix(lower, line, 'Dry-brush a half-mix first');
    return [
      {
        stepId: line.step.id,
        sentence: `Dry-brushed far lighter than what lies under its strokes: on ${recipe.surface} it looks like chalk dust.`,
        figure: { value: jump, unit: 'L*' },
        fixes: half ? [half] : [],
      },
    ];
  });
});

/** L* of what the bristles touch, by how much they leave there. */
function valueUnder({ below, build: { deposit } }: PaintedLine): number {
  const touched = deposit.reduce((sum, share) => sum + share, 0);
  return below.reduce((sum, { value }, i) => sum + value * deposit[i], 0) / Math.max(1e-9, touched);
}

/** Pale strokes that transparent colour goes over are a pre-light. */
function isTintedLater(line: PaintedLine, { lines, stop }: AdviceContext): boolean {
  return lines
    .slice(lines.indexOf(line) + 1)
    .some(({ meaning, build }) => meaning === 'tint' && build.deposit[stop('raised')] > 0.25);
}
