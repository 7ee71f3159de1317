import { colourDifference } from '../../colour/colourDifference';
import { colourOfHex } from '../../colour/colourOfHex';
import { reflectanceFromHex } from '../../colour/reflectanceFromHex';
import { mostCoatsTried } from '../../recipe/coatsToCover';
import { suggestUnderColour } from '../../recipe/compareGrounds';
import { loadOf } from '../../recipe/mix';
import { potOn } from '../../recipe/mixedPaint';
import { mostCoats } from '../../recipe/step';
import { techniqueOf } from '../../recipe/techniques';
import type { AdviceContext, PaintedLine } from '../adviceContext';
import type { Fix } from '../fix';
import { withCoats } from '../withCoats';
import type { Finding } from '../finding';
import { rule } from '../rule';
import { underColourFix } from '../underColourFix';

/** With more coats than this an under-colour is offered as well. */
const patientCoats = 5;
/** Under-colours are tried among so many pots nearest to the colour itself. */
const nearestTried = 5;

/** The ground still shows with the coats written. */
export const doesNotCover = rule(3, (context) => {
  return context.lines.flatMap((line): Finding[] => {
    const { coverage, isEstimate } = line.build;
    const written = line.step.coats;
    if (!coverage || (coverage.coats !== null && coverage.coats <= written)) return [];
    const needed = coverage.coats;
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
    const about = isEstimate ? '≈ ' : '';
    return [
      {
        stepId: line.step.id,
        sentence:
          needed === null
            ? `Does not cover, even in ${mostCoatsTried} coats.`
            : `Covers in ${about}${needed} coats; ${written} written.`,
        figure: {
          value: coverage.missingAfter[Math.min(written, coverage.missingAfter.length) - 1],
          unit: 'ΔE00 still missing',
        },
        fixes,
      },
    ];
  });
});

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
    techniqueOf(line.step.technique).film * loadOf(line.step.mix),
    line.step.coats,
  );
  return found && underColourFix(line.written, found, potOn(shelf, found.potId).name);
}
