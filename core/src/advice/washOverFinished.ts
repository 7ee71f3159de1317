import { colourDifference } from '../colour/colourDifference';
import type { AdviceContext } from './adviceContext';
import { recessFix } from './recessFix';
import type { Remark } from './remark';

/** An all-over wash after the lights are on: it runs over the border onto finished neighbours. */
export function washOverFinished({ lines, stop }: AdviceContext): Remark[] {
  return lines.flatMap((line, index): Remark[] => {
    if (line.step.technique !== 'allOverWash') return [];
    const finished = lines
      .slice(0, index)
      .findLast(({ step }) => step.stage === 'highlight' || step.stage === 'detail');
    if (!finished) return [];
    const crown = stop('crown');
    const stained = colourDifference(line.below[crown], line.build.surface[crown]);
    return [
      {
        rule: 'washOverFinished',
        stepId: line.step.id,
        sentence: `A wash over everything after line ${finished.number} runs onto finished neighbours and stains the lights by ${stained.toFixed(1)} ΔE00.`,
        figure: { value: stained, unit: 'ΔE00' },
        fixes: [recessFix(line.written)],
      },
    ];
  });
}
