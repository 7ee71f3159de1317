import { colourDifference } from '../../../light/colour/colourDifference';
import { surfaceColour } from '../../../light/colour/surfaceColour';
import { masstoneOf } from '../../../light/optics/masstone';
import { loadOf } from '../../../written/mix/mix';
import { techniqueOf } from '../../../written/technique/techniques';
import { potsOf, type AdviceContext, type PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A glaze that goes so far of the way to its own colour is a coat. */
const goesFrom = 0.5;
/** Where it is less than this away from its colour to begin with, ΔE00, it shows nothing of the kind. */
const farFrom = 10;
/** Of paint so thick on the brush it is not thinned as a glaze; thin passes may add up to a cover. */
const thickFrom = 0.55;
/** A usual glaze, parts of medium to 1 part of paint. */
const usualMedium = 6;

/** An opaque paint goes on as a glaze hardly thinned: it covers instead of tinting. */
export const opaqueGlaze = rule(11, ({ lines, shelf }) => {
  return lines.flatMap((line): Finding[] => {
    const { isThinned, runs } = techniqueOf(line.step.technique);
    const load = loadOf(line.step.mix);
    const isNeatWash = runs === true && isMostlyPaint(line, shelf);
    if (!(isThinned || isNeatWash) || line.meaning !== 'tint' || load < thickFrom) return [];
    const gone = wayGone(line);
    if (gone < goesFrom) return [];
    return [
      {
        stepId: line.step.id,
        sentence: `${isNeatWash ? 'Neat paint is no wash' : 'Put on so thick it is a coat, not a glaze'}: it goes ${Math.round(gone * 100)} % of the way to its own colour.`,
        figure: { value: Math.round(gone * 100), unit: '% of the way' },
        fixes: [
          {
            label: `Thin it 1 paint : ${usualMedium} medium`,
            changes: [
              {
                do: 'replace',
                step: {
                  ...line.written,
                  mix: { ...line.written.mix, waterParts: 0, mediumParts: usualMedium },
                },
              },
            ],
          },
        ],
      },
    ];
  });
});

/** How far of the way to its own colour a line brings the place it changes most, 0–1. */
function wayGone({ build, below, paint }: PaintedLine): number {
  const own = surfaceColour(masstoneOf(paint));
  return build.surface.reduce((most, after, i) => {
    const before = colourDifference(below[i], own);
    if (before < farFrom) return most;
    return Math.max(most, 1 - colourDifference(after, own) / before);
  }, 0);
}

/** Washes and inks come thin enough; of paint that was meant to cover more than half is too much. */
const isMostlyPaint = (line: PaintedLine, shelf: AdviceContext['shelf']): boolean =>
  potsOf(line, shelf).reduce((sum, { pot, share }) => sum + (pot.kind === 'paint' ? share : 0), 0) >
  0.5;
