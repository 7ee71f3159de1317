import type { Spectrum } from '../colour/spectrum';
import type { Attempt, Mishap } from './mishap';

/** Acrylic can be lifted with a damp brush about so long, minutes. */
export const liftsFor = 3;
/** A damp brush takes up so much of the last stroke, at once and at the end of that time. */
const takesAtOnce = 0.9;
const takesAtTheEnd = 0.4;
/** Rinsing the brush and lifting a few times, minutes. */
const liftMinutes = 1;

/** Taking the last stroke up again while it is wet: what lies below comes back, but for a stain. */
export function lift({ before, now, minutesAgo }: Mishap): Attempt[] {
  if (before === null || minutesAgo === null || minutesAgo > liftsFor) return [];
  const takes = takesAtOnce + (takesAtTheEnd - takesAtOnce) * (minutesAgo / liftsFor);
  return [
    {
      kind: 'lift',
      sentence: `Lift it now with a clean damp brush: about ${Math.round(takes * 100)} % of the stroke comes off, and in ${Math.max(1, Math.round(liftsFor - minutesAgo))} min nothing does.`,
      minutes: liftMinutes,
      isWet: true,
      surface: now.map((spectrum, stop) => between(spectrum, before[stop], takes)),
    },
  ];
}

/** Reflectance with a share of the way gone from one to another. */
function between(from: Spectrum, to: Spectrum, share: number): Spectrum {
  return from.map((reflectance, band) => reflectance + share * (to[band] - reflectance));
}
