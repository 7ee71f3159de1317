import { filmOf } from '../../../predicted/buildUp/applyStep';
import { colourDifference } from '../../../light/colour/colourDifference';
import { colourOfHex } from '../../../light/colour/colourOfHex';
import { reflectanceFromHex } from '../../../light/colour/reflectanceFromHex';
import { areaShares } from '../../../written/place/areaShares';
import { mostCoatsTried } from '../../../predicted/paint/coatsToCover';
import { suggestUnderColour } from '../../../predicted/coverage/compareGrounds';
import { potOn } from '../../../predicted/paint/mixedPaint';
import { meantToCover } from '../../../predicted/buildUp/coverageOf';
import { mostCoats } from '../../../written/recipe/step';
import { toneStops } from '../../../written/place/toneAxis';
import type { AdviceContext, PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { finishedWith } from '../finishedWith';
import type { Fix } from '../fixes/fix';
import { rule } from '../rule';
import { underColourFix } from '../fixes/underColourFix';
import { withCoats } from '../fixes/withCoats';

/** With more coats than this an under-colour is offered as well. */
const patientCoats = 5;
/** Under-colours are tried among so many pots nearest to the colour itself. */
const nearestTried = 5;
/** A coat short is patchy from so much missing, ΔE00; less is evened out by what goes on it. */
const patchyFrom = 8.5;
/** It matters where the finished surface would be so much another, ΔE00, on so much of its area. */
const mattersFrom = 5;
const mattersOn = 0.15;

/** A line that means to cover leaves what is below showing, and it shows in the finished surface. */
export const doesNotCover = rule(3, (context) => {
  return context.judged.flatMap((line): Finding[] => {
    const { coverage, isEstimate } = line.build;
    const [least, written] = line.range;
    if (line.meaning !== 'cover' || !coverage) return [];
    const isSaid = line.step.meaning === 'cover';
    const isBase = line.step.stage === 'base' || line.step.stage === 'prime';
    if (!isSaid && !isBase) return [];
    const needed = coverage.coats;
    if (needed !== null && needed <= written) return [];
    const missing = coverage.missingAfter[Math.min(written, coverage.missingAfter.length) - 1];
    if (!isSaid && (missing < patchyFrom || !isSeenAtTheEnd(line, context))) return [];
    const fixes: Fix[] = [];
    if (needed !== null && needed <= mostCoats)
      fixes.push({
        label: `Make it ${needed}`,
        changes: [{ do: 'replace', step: withCoats(line, context, needed) }],
      });
    if (needed === null || needed > patientCoats) {
      const under = underColour(line, context);
      if (under) fixes.push(under);
    }
    fixes.push({
      label: 'Let it show through',
      changes: [{ do: 'replace', step: { ...line.written, meaning: 'showThrough' } }],
    });
    const about = isEstimate ? '≈ ' : '';
    return [
      {
        stepId: line.step.id,
        sentence:
          needed === null
            ? `Does not cover, even in ${mostCoatsTried} coats.`
            : `Covers in ${about}${needed} coats; ${least < written ? `${least} to ${written}` : written} written.`,
        figure: { value: missing, unit: 'ΔE00 still missing' },
        fixes,
      },
    ];
  });
});

/** Whether the finished surface would be another one with the coats it takes. */
function isSeenAtTheEnd(line: PaintedLine, context: AdviceContext): boolean {
  const { stop, finished, form } = context;
  const covered = finishedWith(context, line, line.build.coverage?.coats ?? mostCoatsTried, stop);
  const shares = areaShares(
    form,
    toneStops.map(({ at }) => at),
  );
  const area = toneStops.reduce((sum, { name }, i) => {
    const isMeant = line.build.deposit[stop(name)] >= meantToCover;
    const apart = colourDifference(finished[stop(name)], covered[name]);
    return sum + (isMeant && apart > mattersFrom ? shares[i] : 0);
  }, 0);
  return area >= mattersOn;
}

function underColour(line: PaintedLine, { shelf }: AdviceContext): Fix | null {
  const target = line.build.mix.colour;
  const worst = line.below.reduce((furthest, colour) =>
    colourDifference(colour, target) > colourDifference(furthest, target) ? colour : furthest,
  );
  const likely = [...shelf.values()]
    .map((pot) => ({ pot, apart: colourDifference(colourOfHex(pot.swatch), target) }))
    .sort((one, other) => one.apart - other.apart)
    .filter(({ pot }) => pot.kind === 'paint' && pot.hiding >= 0.5)
    .slice(0, nearestTried);
  const found = suggestUnderColour(
    line.paint,
    reflectanceFromHex(worst.hex),
    new Map(likely.map(({ pot }) => [pot.id, pot])),
    filmOf(line.step),
    line.range[1],
  );
  return found && underColourFix(line.written, found, potOn(shelf, found.potId).name);
}
