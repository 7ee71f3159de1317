import { filmOf } from '../../../predicted/buildUp/applyStep';
import { hidingOf } from '../../../predicted/paint/opticsOfPot';
import { loadOf } from '../../../written/mix/mix';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A glaze that hides more than this of what is below is a coat (Y over black ÷ Y over white). */
const hidesFrom = 0.32;
/** Of paint so thick on the brush it is not thinned as a glaze; thin passes may add up to a cover. */
const thickFrom = 0.55;
/** A usual glaze, parts of medium to 1 part of paint. */
const usualMedium = 6;

/** An opaque paint goes on as a glaze hardly thinned: it covers instead of tinting. */
export const opaqueGlaze = rule(11, ({ lines }) => {
  return lines.flatMap((line): Finding[] => {
    const { isThinned } = techniqueOf(line.step.technique);
    const load = loadOf(line.step.mix);
    if (!isThinned || line.meaning !== 'tint' || load < thickFrom) return [];
    const hidden = hidingOf(line.paint, filmOf(line.step) * line.step.coats);
    if (hidden < hidesFrom) return [];
    return [
      {
        stepId: line.step.id,
        sentence: `Put on so thick it is a coat, not a glaze: it hides ${Math.round(hidden * 100)} % of what is below.`,
        figure: { value: Math.round(hidden * 100), unit: '% hidden' },
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
