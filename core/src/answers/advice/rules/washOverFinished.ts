import { colourDifference } from '../../../light/colour/colourDifference';
import { loadOf } from '../../../written/mix/mix';
import { techniqueOf } from '../../../written/technique/techniques';
import { recessFix } from '../fixes/recessFix';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** Thinner than this it goes on as a filter, which is meant for everything. */
const washFrom = 0.45;
/** ΔE00 by which the lights are stained for the eye to find them so. */
const stainedFrom = 3;

/** A wash over everything after the lights are on, and nothing lights them again. */
export const washOverFinished = rule(9, ({ lines, stop }) => {
  return lines.flatMap((line, index): Finding[] => {
    const { wantsRestoring } = techniqueOf(line.step.technique);
    if (!wantsRestoring || loadOf(line.step.mix) < washFrom) return [];
    const finished = lines
      .slice(0, index)
      .findLast(
        ({ step, meaning }) =>
          (step.stage === 'highlight' || step.stage === 'detail') && meaning !== 'buildUp',
      );
    if (!finished) return [];
    const crown = stop('crown');
    const isLitAgain = lines
      .slice(index + 1)
      .some(({ build }) => build.deposit[crown] > 0.25 && !build.mix.isClear);
    if (isLitAgain) return [];
    const stained = colourDifference(line.below[crown], line.build.surface[crown]);
    if (stained < stainedFrom) return [];
    return [
      {
        stepId: line.step.id,
        sentence: `A wash over everything after line ${finished.number} stains its lights, and nothing lights them again.`,
        figure: { value: stained, unit: 'ΔE00' },
        fixes: [recessFix(line.written)],
      },
    ];
  });
});
