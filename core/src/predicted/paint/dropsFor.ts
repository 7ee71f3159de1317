import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { dropMlOf, usualDropMl } from '../../written/pot/stock';
import { flattenMix, type PotShare } from '../../written/recipe/flattenMix';
import { loadOf, type Mix } from '../../written/mix/mix';
import { mixedPaint, potOn, type Shelf } from './mixedPaint';
import type { Step } from '../../written/recipe/step';

/** Drops nobody would count out; a mix that needs more is poured. */
const mostDrops = 400;
/** Thinning this near to what is written, as a share of the load, is as written. */
export const loadWithin = 0.1;
/** So many more drops than needed are counted to come to it. */
const moreForLoad = 3;

export interface Drops {
  /** whole drops of each pot, every one at least 1, in the size its bottle gives */
  pots: { potId: string; drops: number }[];
  water: number;
  medium: number;
  /** share of paint in it, counted, and as the mix is written; 0–1 */
  load: number;
  writtenLoad: number;
  /** ΔE00 between the mix in whole drops and the mix as written */
  colourError: number;
  /** whether `colourError` is within what was asked for */
  isWithin: boolean;
}

/** Of what holds no paint. */
const noDrops: Drops = {
  pots: [],
  water: 0,
  medium: 0,
  load: 1,
  writtenLoad: 1,
  colourError: 0,
  isWithin: true,
};

/**
 * Whole drops for a mix: the fewest that give the volume and keep the colour error under a limit; up
 * to three more where the thinning comes out right by them.
 *
 * @param volumeMl wet, thinned paint needed, above 0
 * @param errorLimit ΔE00 allowed between counted drops and the mix as written, above 0
 * @returns the fewest drops within the limit; where none up to 400 is, the closest found
 * @throws RangeError for a volume that is not above 0; CarryError, UnknownPotError
 */
export function dropsFor(
  mix: Mix,
  earlier: readonly Step[],
  shelf: Shelf,
  volumeMl: number,
  errorLimit = 1,
): Drops {
  if (!(volumeMl > 0)) throw new RangeError(`${volumeMl} ml is no volume to mix`);
  const shares = flattenMix(mix, earlier);
  if (shares.length === 0) return noDrops;
  const paintMl = volumeMl / (1 + mix.waterParts + mix.mediumParts);
  const dropMls = shares.map(({ potId }) => dropMlOf(potOn(shelf, potId)));
  // So many drops of the bottles at hand make a millilitre of this paint.
  const dropsPerMl = shares.reduce((sum, { share }, i) => sum + share / dropMls[i], 0);
  const dropShares = shares.map(({ potId, share }, i) => ({
    potId,
    share: share / dropMls[i] / dropsPerMl,
  }));
  const fewest = Math.max(shares.length, Math.ceil(paintMl * dropsPerMl - 1e-9));
  const target = surfaceColour(masstoneOf(mixedPaint(shares, shelf)));
  const writtenLoad = loadOf(mix);
  let best: Drops | null = null;
  let within = Infinity;
  for (let total = fewest; total <= Math.max(fewest, mostDrops); total++) {
    const counted = countedIn(total);
    const isThinned = isAsThin(counted);
    if (!best || counted.colourError < best.colourError || (counted.isWithin && isThinned))
      best = counted;
    if (best.isWithin) within = Math.min(within, total);
    if ((best.isWithin && isAsThin(best)) || total >= within + moreForLoad) break;
  }
  return best as Drops;

  function countedIn(total: number): Drops {
    const pots = wholeDrops(dropShares, total);
    const countedMl = pots.reduce((sum, { drops }, i) => sum + drops * dropMls[i], 0);
    const parts = pots.map(({ potId, drops }, i) => ({
      potId,
      share: (drops * dropMls[i]) / countedMl,
    }));
    const colourError = colourDifference(
      surfaceColour(masstoneOf(mixedPaint(parts, shelf))),
      target,
    );
    const water = roundedDrops(countedMl * mix.waterParts);
    const medium = roundedDrops(countedMl * mix.mediumParts);
    const load = countedMl / (countedMl + (water + medium) * usualDropMl);
    const isWithin = colourError <= errorLimit;
    return { pots, water, medium, load, writtenLoad, colourError, isWithin };
  }
}

/** Whether counted drops are thinned as the mix is written, or nearly. */
export const isAsThin = ({ load, writtenLoad }: Pick<Drops, 'load' | 'writtenLoad'>) =>
  Math.abs(load - writtenLoad) <= loadWithin * writtenLoad;

const roundedDrops = (ml: number) => Math.round(ml / usualDropMl + 1e-9);

/** `total` drops dealt out by share: at least one each, the rest by largest remainder. */
function wholeDrops(shares: readonly PotShare[], total: number) {
  const dealt = shares.map(({ potId, share }) => ({
    potId,
    drops: Math.max(1, Math.floor(share * total)),
    wanted: share * total,
  }));
  let left = total - dealt.reduce((sum, { drops }) => sum + drops, 0);
  while (left !== 0) {
    const direction = Math.sign(left);
    const next = dealt
      .filter(({ drops }) => direction > 0 || drops > 1)
      .reduce((most, pot) =>
        direction * (pot.wanted - pot.drops) > direction * (most.wanted - most.drops) ? pot : most,
      );
    next.drops += direction;
    left -= direction;
  }
  return dealt.map(({ potId, drops }) => ({ potId, drops }));
}
