import { filmOf } from '../../../predicted/buildUp/applyStep';
import { colourDifference } from '../../../light/colour/colourDifference';
import { hidingOf } from '../../../predicted/paint/opticsOfPot';
import { techniqueOf } from '../../../written/technique/techniques';
import { toneStops } from '../../../written/place/toneAxis';
import type { AdviceContext, PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { finishedWith } from '../finishedWith';
import { rule } from '../rule';

/** A line is not missed when the finished surface changes by less than this, ΔE00. */
const goneUnder = 0.6;
/** Nor when so little of what it did is left, up to what can be seen side by side. */
const leftOfIt = { share: 0.15, upTo: 1.5 };
/** A line did something while it was seen, ΔE00. */
const didFrom = 3;
/** A later line hides what is below when one over another hides so much. */
const hidesFrom = 0.8;

/** A line is wholly painted out by what comes after: nothing of it is left to see. */
export const coveredLater = rule(
  16,
  (context) => {
    const { lines, judged, finished, stop, recipe } = context;
    const carried = new Set(
      recipe.steps.flatMap(({ mix }) =>
        mix.parts.flatMap((part) => (part.from === 'step' ? [part.stepId] : [])),
      ),
    );
    return judged.flatMap((line): Finding[] => {
      if (line.meaning === null || carried.has(line.step.id)) return [];
      const did = Math.max(
        ...line.build.surface.map((colour, i) => colourDifference(colour, line.below[i])),
      );
      if (did < didFrom) return [];
      const by = lines.slice(lines.indexOf(line) + 1).find((later) => hides(later, line, context));
      // Metal is laid over a colour for its sake.
      if (!by || by.build.mix.isEstimate) return [];
      const without = finishedWith(context, line, 0, stop);
      const left = Math.max(
        ...toneStops.map(({ name }) => colourDifference(finished[stop(name)], without[name])),
      );
      const gone = Math.max(goneUnder, Math.min(leftOfIt.upTo, leftOfIt.share * did));
      if (left > gone) return [];
      return [
        {
          stepId: line.step.id,
          sentence: `Line ${by.number} paints all of it out: nothing of it is left to see.`,
          figure: { value: left, unit: 'ΔE00 left of it' },
          fixes: [
            {
              label: 'Switch it out',
              changes: [{ do: 'replace', step: { ...line.written, isOut: true } }],
            },
          ],
        },
      ];
    });
  },
  { isOfEverywhere: true },
);

/** Whether a later line covers every place an earlier one goes on. */
function hides(later: PaintedLine, line: PaintedLine, { build }: AdviceContext): boolean {
  if (!techniqueOf(later.step.technique).covers) return false;
  const film = filmOf(later.step) * later.step.coats;
  if (hidingOf(later.paint, film) < hidesFrom) return false;
  return build.stops.every(
    (_, i) => line.build.deposit[i] < 0.05 || later.build.deposit[i] > line.build.deposit[i] / 2,
  );
}
