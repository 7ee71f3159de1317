import { colourDifference } from '../../colour/colourDifference';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** ΔE00 below which nobody sees a line, even side by side. */
const seenFrom = 1.5;

/** A line that changes nothing anybody would see. */
export const unseenStep = rule(16, ({ lines, shelf }) => {
  return lines.flatMap(({ step, written, build, below, shares }): Finding[] => {
    // A varnish or a medium is there for something else than its colour.
    if (build.mix.isClear || step.stage === 'finish') return [];
    if (shares.every(({ potId }) => shelf.get(potId)?.finish === 'metallic')) return [];
    const most = build.surface.reduce(
      (found, colour, i) => Math.max(found, colourDifference(colour, below[i])),
      0,
    );
    if (most >= seenFrom) return [];
    return [
      {
        stepId: step.id,
        sentence: `Nobody will see this line: it changes ${most.toFixed(1)} ΔE00 at most.`,
        figure: { value: most, unit: 'ΔE00 at most' },
        fixes: [
          {
            label: 'Switch it out',
            changes: [{ do: 'replace', step: { ...written, isOut: true } }],
          },
        ],
      },
    ];
  });
});
