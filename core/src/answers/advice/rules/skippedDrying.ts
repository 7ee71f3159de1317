import { techniqueOf } from '../../../written/technique/techniques';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** Less than this is no wait, minutes. */
const leastWait = 3;
/** The usual wait, minutes: for a coat, and for a layer that goes on wet. */
const usualWait = { coat: 15, wet: 30 };

/** The next line goes onto paint that has had no time to dry. */
export const skippedDrying = rule(6, ({ lines }) => {
  return lines.flatMap(({ step, written }, index): Finding[] => {
    const next = lines[index + 1];
    const { driesAtOnce, covers, spreads } = techniqueOf(step.technique);
    const isFollowed = next ? !techniqueOf(next.step.technique).goesOnWet : step.coats > 1;
    // No minutes written are minutes the plan reckons itself.
    const isReckoned = step.dryMinutes === 0;
    if (!isFollowed || isReckoned || step.dryMinutes >= leastWait || driesAtOnce) return [];
    const wait = !covers && spreads === 'film' ? usualWait.wet : usualWait.coat;
    return [
      {
        stepId: step.id,
        sentence: next
          ? `Line ${next.number} goes onto it after ${step.dryMinutes} min: wet paint lifts.`
          : `The next coat goes on after ${step.dryMinutes} min: wet paint lifts.`,
        figure: { value: step.dryMinutes, unit: 'min of drying' },
        fixes: [
          {
            label: `Wait ${wait} min`,
            changes: [{ do: 'replace', step: { ...written, dryMinutes: wait } }],
          },
        ],
      },
    ];
  });
});
