import { withCoats } from '../withCoats';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** One coat more than needed evens out; from two more on it is time and paint for nothing. */
const sparedFrom = 2;

/** More coats are written than it takes to cover. */
export const coatsWasted = rule(18, (context) => {
  return context.lines.flatMap((line): Finding[] => {
    const needed = line.build.coverage?.coats;
    const written = line.step.coats;
    if (!needed || written - needed < sparedFrom) return [];
    return [
      {
        stepId: line.step.id,
        sentence: `Covers at coat ${needed}; ${written} are written.`,
        figure: { value: written - needed, unit: 'coats to spare' },
        fixes: [
          {
            label: `Make it ${needed}`,
            changes: [{ do: 'replace', step: withCoats(line, context, needed) }],
          },
        ],
      },
    ];
  });
});
