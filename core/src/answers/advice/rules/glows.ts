import { colourOfHex } from '../../../light/colour/colourOfHex';
import { potsOf } from '../adviceContext';
import type { Finding } from '../finding';
import { rule } from '../rule';

/** Of a mix with less of it nobody can say whether it still glows. */
const mostlyFrom = 0.5;
/** Light goes through it, comes back from below and glows on the way: from so pale a ground on, L*. */
const paleFrom = 70;

/** A glow is brighter than white, which no swatch can show; and it takes its light from below. */
export const glows = rule(
  23,
  ({ lines, shelf }) =>
    lines.flatMap((line): Finding[] => {
      const share = potsOf(line, shelf)
        .filter(({ pot }) => pot.finish === 'fluorescent' && canGlow(pot.swatch))
        .reduce((sum, each) => sum + each.share, 0);
      if (share < mostlyFrom) return [];
      const most = line.build.deposit.indexOf(Math.max(...line.build.deposit));
      const { value } = line.below[most];
      return [
        {
          stepId: line.step.id,
          sentence:
            value < paleFrom
              ? 'It glows by the light that comes back from below: over white it is brighter than white, here it is less.'
              : 'Where it lies it is brighter than white in daylight, and no screen shows how much.',
          figure: { value, unit: 'L* below it' },
          fixes: [],
        },
      ];
    }),
  { kind: 'note' },
);

/** A pot that is nearly black or grey gives no light back, whatever its label says. */
function canGlow(swatch: string): boolean {
  const { value, chroma } = colourOfHex(swatch);
  return value >= 35 && chroma >= 30;
}
