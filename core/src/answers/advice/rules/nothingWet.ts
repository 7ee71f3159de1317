import { lifts, techniqueOf } from '../../../written/technique/techniques';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A damp brush can take off only what was just laid on, and there is nothing of the kind. */
export const nothingWet = rule(4, ({ lines }) =>
  lines.flatMap((line, index): Finding[] => {
    if (!lifts(line.step.technique)) return [];
    const laid = lines.slice(0, index).findLast(({ step }) => !lifts(step.technique));
    const dries = laid && techniqueOf(laid.step.technique).driesAtOnce;
    if (laid && !dries) return [];
    return [
      {
        stepId: line.step.id,
        sentence: laid
          ? `Nothing is wet for it to lift: line ${laid.number} dries as it is put on.`
          : 'Nothing is wet for it to lift: no line is painted before it.',
        figure: { value: 0, unit: 'wet lines before it' },
        fixes: [
          {
            label: 'Switch it out',
            changes: [{ do: 'replace', step: { ...line.written, isOut: true } }],
          },
        ],
      },
    ];
  }),
);
