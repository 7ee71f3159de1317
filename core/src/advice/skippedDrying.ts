import { tints } from '../recipe/filterEffect';
import type { TechniqueName } from '../recipe/techniqueNames';
import type { AdviceContext } from './adviceContext';
import type { Remark } from './remark';

/** Less than this is no wait, minutes. */
const leastWait = 3;
/** What is usually waited, minutes: for a coat, and for what goes on wet. */
const usualWait = { coat: 15, wet: 30 };

/** So little paint that it dries while the brush is loaded again. */
const dryAtOnce: readonly TechniqueName[] = [
  'dryBrush',
  'stipple',
  'edgeLine',
  'point',
  'lineWork',
];

/** The next line goes onto paint that has had no time to dry. */
export function skippedDrying({ lines }: AdviceContext): Remark[] {
  return lines.flatMap(({ step, written }, index): Remark[] => {
    const next = lines[index + 1];
    const isFollowed = next ? next.step.technique !== 'wetBlend' : step.coats > 1;
    if (!isFollowed || step.dryMinutes >= leastWait || dryAtOnce.includes(step.technique))
      return [];
    const wait = tints(step) || step.technique === 'oneCoat' ? usualWait.wet : usualWait.coat;
    return [
      {
        rule: 'skippedDrying',
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
}
