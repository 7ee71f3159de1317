import { colourDifference } from '../../colour/colourDifference';
import { recessFix } from '../recessFix';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** An all-over wash after the lights are on: it runs over the border onto finished neighbours. */
export const washOverFinished = rule(9, ({ lines, stop }) => {
  return lines.flatMap((line, index): Finding[] => {
    if (line.step.technique !== 'allOverWash') return [];
    const finished = lines
      .slice(0, index)
      .findLast(({ step }) => step.stage === 'highlight' || step.stage === 'detail');
    if (!finished) return [];
    const crown = stop('crown');
    const stained = colourDifference(line.below[crown], line.build.surface[crown]);
    return [
      {
        stepId: line.step.id,
        sentence: `A wash over everything after line ${finished.number} runs onto finished neighbours and stains the lights by ${stained.toFixed(1)} ΔE00.`,
        figure: { value: stained, unit: 'ΔE00' },
        fixes: [recessFix(line.written)],
      },
    ];
  });
});
