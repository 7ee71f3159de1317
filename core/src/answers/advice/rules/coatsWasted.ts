import { withCoats } from '../fixes/withCoats';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** Two to four thin coats are how a first coat gets even; from so many to spare it is time for nothing. */
const sparedFrom = 4;

/** Many more coats are written than it takes to cover, of a line that is there to cover. */
export const coatsWasted = rule(18, (context) => {
  return context.lines.flatMap((line): Finding[] => {
    const needed = line.build.coverage?.coats;
    const [written] = line.range;
    if (line.meaning !== 'cover' || !needed || written - needed < sparedFrom) return [];
    return [
      {
        stepId: line.step.id,
        sentence: `Covers at coat ${needed}; ${written} are written.`,
        figure: { value: written - needed, unit: 'coats to spare' },
        fixes: [
          {
            label: `Make it ${needed + 1}`,
            changes: [{ do: 'replace', step: withCoats(line, context, needed + 1) }],
          },
        ],
      },
    ];
  });
});
