import { areaShares } from '../../../written/place/areaShares';
import type { Meaning } from '../../../written/technique/meaning';
import type { AdviceContext, PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A line lightens or darkens when the places it changes do so by this in the mean, L*. */
const turnsFrom = 5;
/** A light that is tinted gets its strength at the cost of some light. */
const tintTurnsFrom = 10;
/** No place of it does the opposite by more than this, L*. */
const atMostBack = 2;
/** A place is changed by a line that lays so much on it. */
const laidFrom = 0.1;

/** A line does not do what its stage says: a highlight that darkens, a shade that lightens. */
export const wrongWay = rule(12, (context) =>
  context.judged.flatMap((line): Finding[] => {
    const { stage } = line.step;
    if (line.meaning === null || (stage !== 'highlight' && stage !== 'shade')) return [];
    const { mean, most } = changeOf(line, context, stage === 'highlight' ? -1 : 1);
    const isTinted = stage === 'highlight' && isLetThrough(line.meaning);
    if (mean < (isTinted ? tintTurnsFrom : turnsFrom) || most > atMostBack) return [];
    const [does, other] =
      stage === 'highlight'
        ? (['darkens', 'shade'] as const)
        : (['lightens', 'highlight'] as const);
    return [
      {
        stepId: line.step.id,
        sentence: `Called a ${stage}, but it ${does} what it goes on.`,
        figure: { value: mean, unit: 'L* in the mean' },
        fixes: [
          {
            label: `Call it a ${other}`,
            changes: [{ do: 'replace', step: { ...line.written, stage: other } }],
          },
        ],
      },
    ];
  }),
);

const isLetThrough = (meaning: Meaning) => meaning === 'tint' || meaning === 'showThrough';

/**
 * The change of lightness by a line over the area it goes on.
 *
 * @param way 1 counts lighter, −1 darker
 * @returns L* that way in the mean, and the most the other way anywhere
 */
function changeOf(
  { build, below }: PaintedLine,
  { form, build: { stops } }: AdviceContext,
  way: 1 | -1,
): { mean: number; most: number } {
  const shares = areaShares(form, stops);
  let sum = 0;
  let area = 0;
  let most = 0;
  build.surface.forEach(({ value }, i) => {
    if (build.deposit[i] < laidFrom) return;
    const change = way * (value - below[i].value);
    sum += shares[i] * change;
    area += shares[i];
    most = Math.max(most, -change);
  });
  return { mean: area > 0 ? sum / area : 0, most };
}
