import { tints } from '../../../predicted/glazes/filterEffect';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A light as strong as this, C, has something to lose. */
const strongFrom = 25;
/** A tint that leaves less than this of it greys it. */
const leftFrom = 0.68;

/** A filter in the opposite colour goes over finished lights, and they turn grey instead of deep. */
export const greyedLights = rule(10, ({ judged, stop }) =>
  judged.flatMap((line): Finding[] => {
    const { step, written, below, build } = line;
    const crown = stop('crown');
    if (!tints(step) || step.stage === 'shade' || build.deposit[crown] < 0.25) return [];
    const [before, after] = [below[crown], build.surface[crown]];
    const left = after.chroma / Math.max(1, before.chroma);
    const isPaler = after.value > before.value;
    if (before.chroma < strongFrom || left >= leftFrom || isPaler) return [];
    return [
      {
        stepId: step.id,
        sentence: `Greys the lights: ${Math.round(left * 100)} % of their strength of colour is left. Keep it to the shadows.`,
        figure: { value: Math.round(left * 100), unit: '% of the strength left' },
        fixes: [
          {
            label: 'Keep it to the shadows',
            changes: [
              {
                do: 'replace',
                step: {
                  ...written,
                  technique: 'placedGlaze',
                  placement: { from: 0, to: 0.42, softness: 0.2, pull: 'down' },
                },
              },
            ],
          },
        ],
      },
    ];
  }),
);
