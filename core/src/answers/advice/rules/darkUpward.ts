import { surfaceFacts } from '../../../written/recipe/surfaceFacts';
import { rule } from '../rule';

/** L* by which the crown may lie below the mid tone before it looks upside down. */
const allowed = 8;

/** The finished surface is darker where it faces the light than at its middle. */
export const darkUpward = rule(14, ({ recipe, finished, lines, stop }) => {
  const last = lines.at(-1);
  if (!last || surfaceFacts[recipe.surface].gleams) return [];
  const mid = finished[stop('mid')].value;
  // Chips and dirt darken edges on purpose; a form turns over when its crowns do.
  const short = mid - finished[stop('crown')].value;
  if (short <= allowed) return [];
  const lightest = lines
    .filter(({ build }) => build.coverage !== null)
    .reduce<(typeof lines)[number] | null>(
      (best, line) =>
        !best || line.build.mix.colour.value > best.build.mix.colour.value ? line : best,
      null,
    );
  const isLight = lightest && lightest.build.mix.colour.value > mid;
  return [
    {
      stepId: null,
      sentence: 'The crown ends darker than the mid tone, so the form reads upside down.',
      figure: { value: short, unit: 'L*' },
      fixes: isLight
        ? [
            {
              label: `Bring line ${lightest.number} back on top`,
              changes: [
                {
                  do: 'insertAfter',
                  stepId: last.step.id,
                  step: {
                    ...lightest.written,
                    id: `light-${lightest.step.id}`,
                    stage: 'highlight',
                    technique: 'layer',
                    note: '',
                    placement: { from: 0.66, to: 1, softness: 0.1, pull: 'up' },
                    mix: {
                      ...lightest.written.mix,
                      parts: [{ from: 'step', stepId: lightest.step.id, parts: 1 }],
                    },
                  },
                },
              ],
            },
          ]
        : [],
    },
  ];
});
