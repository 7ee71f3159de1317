import { reflectanceFromHex } from '../../../light/colour/reflectanceFromHex';
import { thinnerEffect, waterHeldBy } from '../../../predicted/paint/consistency';
import { partsWords } from '../../../written/mix/mixWords';
import { passesAt } from '../../../predicted/buildUp/passes';
import type { AdviceContext, PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A glaze of so many times the water its paint holds is worth a word about medium. */
const worthAWord = 2;

/**
 * More water than the paint holds together. It is a fault of a coat that is to cover: it dries in
 * rings and bare spots. Glazes and filters are thin on purpose; of them it is a note at most.
 */
export const tooThin = rule(5, (context) => {
  const { judged, shelf } = context;
  return judged.flatMap((line): Finding[] => {
    const { mix } = line.step;
    if (line.meaning === null) return [];
    const waterHeld = waterHeldBy(line.shares, shelf);
    const { breaksUp, breaksUpAt } = thinnerEffect(mix, waterHeld);
    const isCoat = line.meaning === 'cover';
    if (!breaksUp || (!isCoat && mix.waterParts < worthAWord * breaksUpAt)) return [];
    const water = `${partsWords(mix.waterParts)} parts of water`;
    return [
      {
        stepId: line.step.id,
        kind: isCoat ? 'objection' : 'note',
        sentence: isCoat
          ? `Breaks up: ${water}, and as a coat it holds together to ${breaksUpAt.toFixed(1)}.`
          : `With ${water} it may dry in rings where it pools; part of it in medium holds it together.${passesWords(line, context)}`,
        figure: { value: mix.waterParts, unit: 'parts of water' },
        fixes: [mediumFix(line, waterHeld)],
      },
    ];
  });
});

/** How many passes such a glaze takes where it lies thickest, until another is not seen. */
function passesWords({ step, build, below, paint }: PaintedLine, context: AdviceContext): string {
  const most = build.deposit.indexOf(Math.max(...build.deposit));
  const ground = reflectanceFromHex(below[most].hex);
  const { settledAfter } = passesAt(step, paint, ground, context.build.stops[most]);
  if (settledAfter === null) return ' Another pass still shows after 12.';
  return settledAfter === 0 ? '' : ` After ${settledAfter} of its passes another is hardly seen.`;
}

/** As thin as before, with just enough of the water given in medium. */
function mediumFix({ written, step: { mix } }: PaintedLine, waterHeld: number) {
  const thinner = mix.waterParts + mix.mediumParts;
  const mediumParts = Math.min(thinner, Math.ceil(((thinner - waterHeld) / 3) * 2) / 2);
  const next = { ...mix, waterParts: thinner - mediumParts, mediumParts };
  return {
    label: `Use ${partsWords(next.waterParts)} water and ${partsWords(mediumParts)} medium`,
    changes: [{ do: 'replace' as const, step: { ...written, mix: next } }],
  };
}
