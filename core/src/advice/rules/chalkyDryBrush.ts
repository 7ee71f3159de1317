import { halfMixFix } from '../halfMix';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** L* a dry brush may stand above what it catches on before it looks like dust. */
const chalkyFrom = 26;

/** A pale dry brush over a much darker surface: speckles of chalk. */
export const chalkyDryBrush = rule(12, ({ lines, stop }) => {
  return lines.flatMap((line, index): Finding[] => {
    if (line.step.technique !== 'dryBrush') return [];
    const raised = line.below[stop('raised')];
    const jump = line.build.mix.colour.value - raised.value;
    if (jump <= chalkyFrom) return [];
    const lower = lines.slice(0, index).findLast(({ build }) => !build.mix.isClear);
    const half = lower && halfMixFix(lower, line, 'Dry-brush a half-mix first');
    return [
      {
        stepId: line.step.id,
        sentence: `Dry-brushed ${Math.round(jump)} L* above what is below: it looks like chalk dust.`,
        figure: { value: jump, unit: 'L*' },
        fixes: half ? [half] : [],
      },
    ];
  });
});
