import { rule } from '../rule';

/** Share of the mid tone's saturation (chroma for its lightness) the lights should keep. */
const keptFrom = 0.45;
/** Mid tones duller than this have nothing to wash out. */
const colourfulFrom = 30;

/** Lightening with white or bone has taken the colour out of the lights. */
export const washedOut = rule(13, ({ lines, finished, stop }) => {
  const mid = finished[stop('mid')];
  const crown = finished[stop('crown')];
  if (mid.chroma < colourfulFrom || crown.value - mid.value < 5) return [];
  const kept = crown.chroma / crown.value / (mid.chroma / Math.max(1, mid.value));
  if (kept >= keptFrom) return [];
  const culprit = lines.findLast(
    ({ step, build }) =>
      build.coverage !== null && step.placement.from <= 0.8 && step.placement.to >= 0.8,
  );
  const purest = lines
    .filter(({ build }) => build.coverage !== null && !build.mix.isClear)
    .reduce<(typeof lines)[number] | null>(
      (best, line) =>
        !best || line.build.mix.colour.chroma > best.build.mix.colour.chroma ? line : best,
      null,
    );
  if (!culprit || !purest) return [];
  return [
    {
      stepId: culprit.step.id,
      sentence: `The lights keep ${Math.round(kept * 100)} % of the mid tone’s strength of colour: they look chalky, not bright.`,
      figure: { value: kept, unit: 'of the saturation kept' },
      fixes: [
        {
          label: `Filter with the mix of line ${purest.number}`,
          changes: [
            {
              do: 'insertAfter',
              stepId: culprit.step.id,
              step: {
                id: `filter-${culprit.step.id}`,
                stage: 'glaze',
                technique: 'filter',
                mix: {
                  parts: [{ from: 'step', stepId: purest.step.id, parts: 1 }],
                  waterParts: 0,
                  mediumParts: 3,
                },
                coats: 1,
                placement: { from: 0.5, to: 1, softness: 0.15, pull: 'even' },
                dryMinutes: 20,
                level: culprit.step.level,
                note: '',
              },
            },
          ],
        },
      ],
    },
  ];
});
