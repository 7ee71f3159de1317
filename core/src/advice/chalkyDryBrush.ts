import type { AdviceContext } from './adviceContext';
import { halfMixFix } from './halfMix';
import type { Remark } from './remark';

/** L* a dry brush may stand above what it catches on before it looks like dust. */
const chalkyFrom = 26;

/** A pale dry brush over a much darker surface: speckles of chalk. */
export function chalkyDryBrush({ lines, stop }: AdviceContext): Remark[] {
  return lines.flatMap((line, index): Remark[] => {
    if (line.step.technique !== 'dryBrush') return [];
    const raised = line.below[stop('raised')];
    const jump = line.build.mix.colour.value - raised.value;
    if (jump <= chalkyFrom) return [];
    const lower = lines.slice(0, index).findLast(({ build }) => !build.mix.isClear);
    const half = lower && halfMixFix(lower, line, 'Dry-brush a half-mix first');
    return [
      {
        rule: 'chalkyDryBrush',
        stepId: line.step.id,
        sentence: `Dry-brushed ${Math.round(jump)} L* above what is below: it looks like chalk dust.`,
        figure: { value: jump, unit: 'L*' },
        fixes: half ? [half] : [],
      },
    ];
  });
}
