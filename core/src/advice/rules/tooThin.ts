import { thinnerEffect, waterHeldBy } from '../../recipe/consistency';
import { partsWords } from '../../recipe/mixWords';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** More water than the paint holds together: it dries in rings and bare spots. */
export const tooThin = rule(5, ({ lines, shelf }) => {
  return lines.flatMap((line): Finding[] => {
    const { mix } = line.step;
    if (line.build.mix.isClear) return [];
    const waterHeld = waterHeldBy(line.shares, shelf);
    const { breaksUp, breaksUpAt } = thinnerEffect(mix, waterHeld);
    if (!breaksUp) return [];
    const thinner = mix.waterParts + mix.mediumParts;
    // As thin as before, with just enough of the water given in medium.
    const mediumParts = Math.min(thinner, Math.ceil(((thinner - waterHeld) / 3) * 2) / 2);
    return [
      {
        stepId: line.step.id,
        sentence: `Breaks up: ${partsWords(mix.waterParts)} parts of water, and it holds together to ${breaksUpAt.toFixed(1)}.`,
        figure: { value: mix.waterParts, unit: 'parts of water' },
        fixes: [
          {
            label: `Use ${partsWords(thinner - mediumParts)} water and ${partsWords(mediumParts)} medium`,
            changes: [
              {
                do: 'replace',
                step: {
                  ...line.written,
                  mix: { ...mix, waterParts: thinner - mediumParts, mediumParts },
                },
              },
            ],
          },
        ],
      },
    ];
  });
});
