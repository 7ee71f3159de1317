import type { SurfaceColour } from '../../../light/colour/surfaceColour';
import { areaShares } from '../../../written/place/areaShares';
import { shareAroundStop } from '../../../written/place/aspects';
import { surfaceFacts } from '../../../written/recipe/surfaceFacts';
import { rule } from '../rule';

/** Mid tones duller than this have nothing to wash out. */
const colourfulFrom = 20;
/** A light paler and weaker than this is white, whatever it stands on. */
const whitish = { value: 70, chroma: 12 };
/** Whitish lights on so much of the surface are chalk; on less they are lights. */
const chalkFrom = 0.12;
/** A tint lies on the crown from so much of it. */
const tintedFrom = 0.25;
/** Share of its saturation (chroma for its lightness) a light keeps at the least. */
const keptFrom = 0.25;

const isWhitish = ({ value, chroma }: Pick<SurfaceColour, 'value' | 'chroma'>) =>
  value >= whitish.value && chroma <= whitish.chroma;

/** Lightening with white has taken the colour out of the lights on a good part of the surface. */
export const washedOut = rule(13, ({ recipe, lines, finished, stop, build, form }) => {
  const mid = finished[stop('mid')];
  const crown = finished[stop('crown')];
  if (surfaceFacts[recipe.surface].gleams || mid.chroma < colourfulFrom) return [];
  const kept = crown.chroma / crown.value / (mid.chroma / Math.max(1, mid.value));
  const shares = areaShares(form, build.stops).map(
    (share, i) => share * shareAroundStop(build.aspect, build.stops, i),
  );
  // A pale ground that was left to shine is no chalk: white paint that was put on top is.
  const lastTint = lines.findLastIndex(
    ({ meaning, build }) => meaning === 'tint' && build.deposit[stop('crown')] > tintedFrom,
  );
  // White that is tinted later is a pre-light.
  const whites = lines
    .slice(lastTint + 1)
    .filter(
      ({ step, meaning, build: { mix } }) =>
        step.stage !== 'base' && meaning !== null && isWhitish(mix.colour),
    );
  const white = finished.reduce((sum, colour, i) => {
    const isChalk = isWhitish(colour) && whites.some((line) => line.build.deposit[i] > 0.5);
    return sum + (isChalk && build.stops[i] > 0.5 ? shares[i] : 0);
  }, 0);
  if (kept >= keptFrom || white < chalkFrom) return [];
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
      sentence: `White lights on ${Math.round(white * 100)} % of the surface keep ${Math.round(kept * 100)} % of the mid tone’s strength of colour: they look chalky, not bright.`,
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
