import { reflectanceFromHex } from '../../../light/colour/reflectanceFromHex';
import { thinnerEffect, waterHeldBy } from '../../../predicted/paint/consistency';
import { partsWords } from '../../../written/mix/mixWords';
import { techniqueOf } from '../../../written/technique/techniques';
import { passesAt } from '../../../predicted/buildUp/passes';
import type { AdviceContext, PaintedLine } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** A glaze of so many times the water its paint holds is worth a word about medium. */
const worthAWord = 2;
/** Nor is it from what such a glaze usually has: from so many times that. */
const beyondUsual = 1.5;

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
    const usual = techniqueOf(line.step.technique).usualThinning.waterParts;
    const worthFrom = Math.max(worthAWord * breaksUpAt, beyondUsual * usual);
    if (!breaksUp || (!isCoat && mix.waterParts < worthFrom)) return [];
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

/** How many passes such a glaze takes until another is not seen, where as much of it lies as in the mean. */
function passesWords({ step, build, below, paint }: PaintedLine, context: AdviceContext): string {
  const laid = build.deposit.filter((deposit) => deposit > 0);
  const mean = laid.reduce((sum, deposit) => sum + deposit, 0) / Math.max(1, laid.length);
  const usual = build.deposit.reduce(
    (best, deposit, i) =>
      Math.abs(deposit - mean) < Math.abs(build.deposit[best] - mean) ? i : best,
    0,
  );
  const ground = reflectanceFromHex(below[usual].hex);
  const { settledAfter } = passesAt(step, paint, ground, context.build.stops[usual]);
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
