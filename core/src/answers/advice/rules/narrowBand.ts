import type { Band } from '../../../written/place/bands';
import type { Step } from '../../../written/recipe/step';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** The strips that “raised” and “edges” once wrote. */
const strips: readonly Band[] = [
  { from: 0.59, to: 0.73 },
  { from: 0.87, to: 0.96 },
];

/** Lines that leave everything above their place bare, as older words for it wrote them. */
export const narrowBand = rule(
  27,
  ({ recipe }): Finding[] => {
    const narrow = recipe.steps.flatMap((step, index) => {
      return strips.some((strip) => isBand(step, strip)) ? [{ step, number: index + 1 }] : [];
    });
    if (narrow.length === 0) return [];
    const numbers = narrow.map(({ number }) => number);
    const isOne = narrow.length === 1;
    const named = isOne ? `Line ${numbers[0]} paints` : `Lines ${numbers.join(', ')} paint`;
    return [
      {
        stepId: null,
        sentence: `${named} a strip and leave${isOne ? 's' : ''} the points above it bare: “raised” and “edges” mean from there up.`,
        figure: { value: narrow.length, unit: isOne ? 'line' : 'lines' },
        fixes: [
          {
            label: 'Widen up to the point',
            changes: narrow.map(({ step }) => ({
              do: 'replace' as const,
              step: { ...step, placement: { ...step.placement, to: 1 } },
            })),
          },
        ],
      },
    ];
  },
  { kind: 'note' },
);

const isBand = ({ placement: { from, to } }: Step, band: Band): boolean =>
  from === band.from && to === band.to;
