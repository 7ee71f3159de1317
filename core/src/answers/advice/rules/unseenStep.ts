import { colourDifference } from '../../../light/colour/colourDifference';
import { surfaceColour } from '../../../light/colour/surfaceColour';
import type { Aspect } from '../../../written/place/aspects';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import { isNarrow } from '../../../written/recipe/placesOf';
import type { Recipe } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import { surfaceBelow } from '../../../predicted/buildUp/surfaceBelow';
import { techniqueOf } from '../../../written/technique/techniques';
import type { PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** ΔE00 below which nobody sees a line, even side by side. */
const seenFrom = 1;
/** Below this it is as good as nothing. */
const nothingBelow = 0.5;

/** A line that changes nothing anybody would see. */
export const unseenStep = rule(
  16,
  ({ recipe, lines, judged, shelf, build: { aspect } }) => {
    return judged.flatMap((line): Finding[] => {
      const { step, written, build, below, shares } = line;
      // A varnish or a medium is there for something else than its colour.
      if (build.mix.isClear || step.stage === 'finish') return [];
      if (shares.every(({ potId }) => shelf.get(potId)?.finish === 'metallic')) return [];
      const most = Math.max(
        ...build.surface.map((colour, i) => colourDifference(colour, below[i])),
        isNarrow(step) ? changeInside(recipe, shelf, step, aspect) : 0,
      );
      if (most >= seenFrom) return [];
      return [
        {
          stepId: step.id,
          kind: most >= nothingBelow || isMeant(line) || !isToBeSeen(line) ? 'note' : 'objection',
          sentence: 'Nobody will see this line: it changes next to nothing.',
          figure: { value: most, unit: 'ΔE00 at most' },
          fixes: [
            {
              label: 'Switch it out',
              changes: [{ do: 'replace', step: { ...written, isOut: true } }],
            },
          ],
        },
      ];
    });

    /** A first coat in the colour of the primer evens it; after a wash the mid is brought back. */
    function isMeant(line: PaintedLine): boolean {
      const before = lines.slice(0, lines.indexOf(line));
      return (
        line.step.stage === 'base' ||
        before.some(({ step }) => techniqueOf(step.technique).wantsRestoring)
      );
    }
  },
  { isOfEverywhere: true },
);

/** A coat that covers or builds up is to be seen; a tint or an edge may be next to nothing. */
const isToBeSeen = ({ meaning }: PaintedLine): boolean =>
  meaning === 'cover' || meaning === 'buildUp';

/** ΔE00 a line changes in its own middle, where no stop of the ribbon lies. */
function changeInside(
  recipe: Recipe,
  shelf: Shelf,
  { id, placement }: Step,
  aspect: Aspect,
): number {
  const middle = { stops: [(placement.from + placement.to) / 2], aspect };
  const index = recipe.steps.findIndex((step) => step.id === id);
  const [before] = surfaceBelow(recipe, shelf, id, middle);
  const [after] = surfaceBelow(recipe, shelf, recipe.steps.at(index + 1)?.id ?? '', middle);
  return colourDifference(surfaceColour(before), surfaceColour(after));
}
