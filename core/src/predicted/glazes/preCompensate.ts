import { bandCount } from '../../light/colour/cieObserver';
import { colourDifference } from '../../light/colour/colourDifference';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { throughFilm } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import type { Optics } from '../../light/optics/optics';
import { depositOf } from '../buildUp/applyStep';
import type { Step } from '../../written/recipe/step';
import { greatestDivisor } from '../../written/mix/greatestDivisor';

/** A filter, glaze or wash still to come, as it will lie on one place. */
export interface FilterToCome {
  paint: Optics;
  /** b·S·coth(bSX) of the film that will lie there, as `filmTransfer` gives it */
  transfer: Spectrum;
}

/** Something a highlight can be mixed with to push it. */
export interface Pusher {
  potId: string;
  optics: Optics;
}

/** How to mix a highlight so that it is right after the filters. */
export interface PreCompensation {
  /** within `landsWithin` of the target after the filters */
  isReached: boolean;
  /** whole parts: of the highlight's own mix (0: leave it out), and of pots added */
  highlightParts: number;
  added: { potId: string; parts: number }[];
  /** the pushed highlight before any filter */
  now: SurfaceColour;
  /** the pushed highlight played forward through the filters */
  landsOn: SurfaceColour;
  /** ΔE00 between where it lands and the target */
  error: number;
  /** where the highlight as written lands, ΔE00 from the target */
  errorUnpushed: number;
}

/** A highlight is on target within this, ΔE00. */
export const landsWithin = 2;
/** Parts counted out, at most, of each. */
const mostPushParts = 8;
const mostPairParts = 6;
const pairedPushers = 10;

/** The filters to come over one place of the tone axis. Lines that lay nothing there drop out. */
export function filtersAt(
  steps: readonly { step: Step; paint: Optics }[],
  at: number,
): FilterToCome[] {
  return steps.flatMap(({ step, paint }) => {
    const deposit = depositOf(step, paint, at);
    return deposit ? [{ paint, transfer: deposit.transfer }] : [];
  });
}

/** A surface seen through filters laid one after the other. */
export function playForward(surface: Spectrum, filters: readonly FilterToCome[]): Spectrum {
  return filters.reduce(
    (below, { paint, transfer }) => throughFilm(below, paint, transfer),
    surface,
  );
}

/**
 * The reflectance a surface needs now to be the target once the filters lie on it: the film equation
 * solved for what is below, R₀ = (R(α + c) − S) / (R·S + c − α), band by band, last filter first.
 *
 * @returns 38 bands; outside 0–1 where no surface can do it
 */
export function neededBelow(target: Spectrum, filters: readonly FilterToCome[]): Spectrum {
  return filters.reduceRight((above, { paint, transfer }) => {
    const below = new Float64Array(bandCount);
    for (let band = 0; band < bandCount; band++) {
      const s = paint.scattering[band];
      const alpha = s + paint.absorption[band];
      const c = transfer[band];
      below[band] =
        c === Infinity
          ? above[band]
          : (above[band] * (alpha + c) - s) / (above[band] * s + c - alpha);
    }
    return below;
  }, target);
}

/**
 * How to push a highlight now so that it lands on target after the filters to come. Every mix of
 * whole parts of the highlight and one pot is played forward, then pairs of the pots that did best.
 *
 * @param target the colour wanted after the filters
 * @param highlight optics of the highlight's mix as written
 * @param pushers pots that may be added
 * @returns the nearest there is; `isReached` says whether it is near enough
 */
export function preCompensate(
  target: SurfaceColour,
  filters: readonly FilterToCome[],
  highlight: Optics,
  pushers: readonly Pusher[],
): PreCompensation {
  const tried = (highlightParts: number, added: { pusher: Pusher; parts: number }[]) => {
    const optics = mixOptics([
      ...(highlightParts > 0 ? [{ optics: highlight, parts: highlightParts }] : []),
      ...added.map(({ pusher, parts }) => ({ optics: pusher.optics, parts })),
    ]);
    const surface = masstoneOf(optics);
    const landsOn = surfaceColour(playForward(surface, filters));
    return {
      highlightParts,
      added,
      surface,
      landsOn,
      error: colourDifference(landsOn, target),
    };
  };
  const asWritten = tried(1, []);
  let best = asWritten;
  const consider = (found: typeof best) => {
    // A mix that is no better than a simpler one found before is not worth its trouble.
    if (found.error < best.error - 0.05) best = found;
  };
  const singles = pushers.map((pusher) => {
    let least = Infinity;
    for (const [highlightParts, parts] of proportions(mostPushParts)) {
      const found = tried(highlightParts, [{ pusher, parts }]);
      least = Math.min(least, found.error);
      consider(found);
    }
    return { pusher, least };
  });
  if (best.error > landsWithin / 2) {
    const likely = singles
      .sort((one, other) => one.least - other.least)
      .slice(0, pairedPushers)
      .map(({ pusher }) => pusher);
    likely.forEach((one, index) => {
      for (const other of likely.slice(index + 1))
        for (let highlightParts = 0; highlightParts <= mostPairParts; highlightParts++)
          for (const [parts, otherParts] of proportions(3))
            if (parts > 0)
              consider(
                tried(highlightParts, [
                  { pusher: one, parts },
                  { pusher: other, parts: otherParts },
                ]),
              );
    });
  }
  const { highlightParts, added, surface, landsOn, error } = best;
  return {
    isReached: error <= landsWithin,
    highlightParts,
    added: added.map(({ pusher, parts }) => ({ potId: pusher.potId, parts })),
    now: surfaceColour(surface),
    landsOn,
    error,
    errorUnpushed: asWritten.error,
  };
}

/** [0, 1] and every pair of whole parts up to `most` without a common divisor. */
function proportions(most: number): [number, number][] {
  const pairs: [number, number][] = [[0, 1]];
  for (let one = 1; one <= most; one++)
    for (let other = 1; other <= most; other++)
      if (greatestDivisor(one, other) === 1) pairs.push([one, other]);
  return pairs;
}
