import { colourDifference } from '../../../light/colour/colourDifference';
import { surfaceColour } from '../../../light/colour/surfaceColour';
import { masstoneOf } from '../../../light/optics/masstone';
import { usualDropMl } from '../../../written/pot/stock';
import { flattenMix } from '../../../written/recipe/flattenMix';
import type { Mix } from '../../../written/mix/mix';
import { mixedPaint } from '../../../predicted/paint/mixedPaint';
import { shapeOf } from '../../../written/recipe/shapeOf';
import { wetVolumeMl } from '../../../predicted/buildUp/wetVolume';
import type { AdviceContext, PaintedLine } from '../adviceContext';
import type { Fix } from '../fixes/fix';
import type { Finding } from '../finding';
import { rule } from '../rule';
import { greatestDivisor } from '../../../written/mix/greatestDivisor';

/** Up to this much more paint than needed, a mix is simply mixed. */
const spareUpTo = 2.5;
/** A mix of so few drops is mixed whatever is left over. */
const alwaysMixed = 12;
/** A simpler ratio may be this far off, ΔE00: seen only side by side. */
const simplerWithin = 2;

/**
 * A ratio that cannot be counted out in drops for so few models. A mix carried forward is still
 * wet on the palette, so its parts are counted out like a pot's.
 */
export const unmeasurable = rule(
  17,
  ({ recipe, judged, shelf }) => {
    return judged.flatMap((line): Finding[] => {
      const { step, number } = line;
      if (step.mix.parts.length < 2) return [];
      const counted = wholeParts(step.mix).reduce((sum, parts) => sum + parts, 0);
      const { waterParts, mediumParts } = step.mix;
      const needed =
        wetVolumeMl(step, recipe, shapeOf(recipe)) / (1 + waterParts + mediumParts) / usualDropMl;
      const atMost = Math.max(alwaysMixed, Math.floor(needed * spareUpTo));
      if (counted <= atMost) return [];
      const simpler = simplerRatio(line, recipe.steps.slice(0, number - 1), atMost);
      const need = recipe.models === 1 ? '1 model needs' : `${recipe.models} models need`;
      return [
        {
          stepId: step.id,
          sentence: `Takes ${counted} drops to count out, and ${need} ${Math.max(1, Math.ceil(needed))}.`,
          figure: { value: counted, unit: 'drops' },
          fixes: simpler ? [simpler] : [],
        },
      ];
    });

    function simplerRatio(
      { written, paint }: PaintedLine,
      earlier: AdviceContext['recipe']['steps'],
      atMost: number,
    ): Fix | null {
      const { parts } = written.mix;
      if (parts.length !== 2) return null;
      const target = surfaceColour(masstoneOf(paint));
      let best: { mix: Mix; error: number; label: string } | null = null;
      for (let one = 1; one < atMost; one++)
        for (let other = 1; one + other <= atMost; other++) {
          const mix: Mix = {
            ...written.mix,
            parts: [
              { ...parts[0], parts: one },
              { ...parts[1], parts: other },
            ],
          };
          const colour = surfaceColour(masstoneOf(mixedPaint(flattenMix(mix, earlier), shelf)));
          const error = colourDifference(colour, target);
          if (error < (best?.error ?? simplerWithin))
            best = { mix, error, label: `Mix ${one} : ${other}` };
        }
      return (
        best && {
          label: best.label,
          changes: [{ do: 'replace', step: { ...written, mix: best.mix } }],
        }
      );
    }
  },
  { kind: 'note' },
);

/** The parts as the smallest whole numbers; as they are where halves and quarters do not fit. */
function wholeParts({ parts }: Mix): number[] {
  const figures = parts.map((part) => part.parts);
  const scale = [1, 2, 3, 4].find((times) =>
    figures.every((figure) => Number.isInteger(Math.round(figure * times * 1e6) / 1e6)),
  );
  const whole = figures.map((figure) => Math.max(1, Math.round(figure * (scale ?? 1))));
  const divisor = whole.reduce(greatestDivisor);
  return whole.map((figure) => figure / divisor);
}
