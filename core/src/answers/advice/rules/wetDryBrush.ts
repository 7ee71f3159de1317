import { loadOf } from '../../../written/mix/mix';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** Paint thinner than this on the brush flows off the bristles instead of catching on what stands up. */
const driestFrom = 0.62;

/** A dry brush with water in its paint: it runs into the recesses it should miss. */
export const wetDryBrush = rule(6, ({ judged }) =>
  judged.flatMap(({ step, written, meaning }): Finding[] => {
    const load = loadOf(step.mix);
    if (meaning === null || !techniqueOf(step.technique).isDry || load >= driestFrom) return [];
    return [
      {
        stepId: step.id,
        sentence:
          'Too wet for a dry brush: the paint runs into the recesses instead of catching on top.',
        figure: { value: Math.round(load * 100), unit: '% paint on the brush' },
        fixes: [
          {
            label: 'Leave the thinner out',
            changes: [
              {
                do: 'replace',
                step: { ...written, mix: { ...written.mix, waterParts: 0, mediumParts: 0 } },
              },
            ],
          },
        ],
      },
    ];
  }),
);
