import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { dropMlOf, usualDropMl } from '../../written/pot/stock';
import type { PotShare } from '../../written/recipe/flattenMix';
import { mixedPaint, potOn, type Shelf } from '../../predicted/paint/mixedPaint';
import { paintMl, sharesIn, volumeMlOf, type Amounts } from './puddle';
import { mostWellMl, type WantedMix } from './well';

/** Whole drops to add to a well. */
export interface AddedDrops {
  pots: { potId: string; drops: number }[];
  water: number;
  medium: number;
}

export interface BroughtBack extends AddedDrops {
  /** drops in all */
  drops: number;
  /** ΔE00 to the wanted mix once they are in */
  error: number;
  /** share of paint once they are in */
  load: number;
  /** both are within the limits; otherwise it is the nearest found */
  isWithin: boolean;
}

export interface BringBackLimits {
  /** ΔE00 allowed; 1 where not said */
  error?: number;
  /** how far the load may be off, as a share of it; 0.1 where not said */
  load?: number;
}

/** More colours than this are not looked at in turn; past it the drops are dealt out by need. */
const lookedAtMost = 2000;
const dealtAtMost = 300_000;

/**
 * The fewest whole drops that bring a well back to a wanted mix and load: first every way of adding
 * one drop, then two, and so on; where that grows too long, drops dealt out by what is missing,
 * with those taken back again that turn out not to be needed. Thinner is given back as water and
 * medium so that their shares come back too.
 *
 * @returns nothing to add where it is within the limits as it stands; null for an empty well, and
 *   where no share of any pot is wanted
 * @throws UnknownPotError
 */
export function bringBack(
  amounts: Amounts,
  wanted: WantedMix,
  shelf: Shelf,
  limits: BringBackLimits = {},
): BroughtBack | null {
  if (volumeMlOf(amounts) < 1e-6 || wanted.pots.every(({ share }) => share <= 0)) return null;
  const judge = judging(amounts, wanted, shelf, limits);
  const bottles = wanted.pots.length + 1;
  let dealt = 0;
  for (let drops = 0; judge.looked() < lookedAtMost; drops++) {
    dealt += waysToDeal(drops, bottles);
    if (dealt > dealtAtMost) break;
    let best: BroughtBack | null = null;
    eachDeal(drops, bottles, (added) => {
      // Adding up is quick, looking at a colour is not: the load is asked first.
      if (!judge.isLoadWithin(added)) return;
      const judged = judge.of(added);
      if (judged.isWithin && (!best || judged.error < best.error)) best = judged;
    });
    if (best) return best;
  }
  return dealtByNeed(amounts, wanted, judge);
}

/** Looks at a well with so many drops of each bottle put in, the last of them thinner. */
interface Judge {
  bottles: readonly { potId: string; ml: number }[];
  isLoadWithin: (added: readonly number[]) => boolean;
  /** ml */
  volumeWith: (added: readonly number[]) => number;
  of: (added: readonly number[]) => BroughtBack;
  /** colours looked at so far; the same paint with more water is the same colour */
  looked: () => number;
}

function judging(
  amounts: Amounts,
  wanted: WantedMix,
  shelf: Shelf,
  { error: errorLimit = 1, load: loadLimit = 0.1 }: BringBackLimits,
): Judge {
  const bottles = wanted.pots.map(({ potId }) => ({ potId, ml: dropMlOf(potOn(shelf, potId)) }));
  const target = colourOfShares(wanted.pots, shelf);
  const paint = paintMl(amounts);
  const volume = volumeMlOf(amounts);
  const errors = new Map<string, number>();
  const loadWith = (added: readonly number[]) => {
    const more = bottles.reduce((sum, { ml }, i) => sum + added[i] * ml, 0);
    return {
      volume: volume + more + added[bottles.length] * usualDropMl,
      paint: paint + more,
    };
  };
  const isNear = (load: number) => Math.abs(load - wanted.load) <= loadLimit * wanted.load + 1e-9;
  return {
    bottles,
    looked: () => errors.size,
    volumeWith: (added) => loadWith(added).volume,
    isLoadWithin(added) {
      const so = loadWith(added);
      return so.volume <= mostWellMl && isNear(so.paint / so.volume);
    },
    of(added) {
      const so = loadWith(added);
      const key = added.slice(0, -1).join();
      const error = errors.get(key) ?? errorOf(withDrops(amounts, bottles, added));
      errors.set(key, error);
      const load = so.paint / so.volume;
      return {
        pots: bottles.flatMap(({ potId }, i) => (added[i] > 0 ? [{ potId, drops: added[i] }] : [])),
        ...thinnerAsWanted(amounts, wanted, added[bottles.length]),
        drops: added.reduce((sum, count) => sum + count, 0),
        error,
        load,
        isWithin: error <= errorLimit && isNear(load),
      };
    },
  };

  function errorOf(so: Amounts): number {
    const shares = sharesIn(so);
    return shares.length > 0 ? colourDifference(colourOfShares(shares, shelf), target) : noColour;
  }
}

/** Drops of thinner as water and medium, so that their shares come near to what was meant. */
function thinnerAsWanted(
  { waterMl, mediumMl }: Amounts,
  { mediumShare = 0 }: WantedMix,
  drops: number,
): Pick<AddedDrops, 'water' | 'medium'> {
  const wantedMl = mediumShare * (waterMl + mediumMl + drops * usualDropMl);
  const medium = Math.min(drops, Math.max(0, Math.round((wantedMl - mediumMl) / usualDropMl)));
  return { water: drops - medium, medium };
}

/** Water alone is no colour at all. */
const noColour = 100;

/** Towards the wanted shares at a growing volume, until it is within; then without what is spare. */
function dealtByNeed(amounts: Amounts, wanted: WantedMix, judge: Judge): BroughtBack {
  const { bottles } = judge;
  const inMl = new Map(amounts.pots.map(({ potId, ml }) => [potId, ml]));
  const asItIs = [...bottles.map(() => 0), 0];
  let nearest = { added: asItIs, judged: judge.of(asItIs) };
  for (let paint = paintMl(amounts); paint / wanted.load < mostWellMl; paint += stepMl) {
    const added = bottles.map(({ potId, ml }, i) =>
      Math.max(0, Math.round((wanted.pots[i].share * paint - (inMl.get(potId) ?? 0)) / ml)),
    );
    const so = withDrops(amounts, bottles, added);
    const missing = paintMl(so) / wanted.load - volumeMlOf(so);
    added.push(Math.max(0, Math.round(missing / usualDropMl)));
    const drops = added.reduce((sum, count) => sum + count, 0);
    if (drops > mostDrops || judge.volumeWith(added) > mostWellMl) break;
    const judged = judge.of(added);
    if (missOf(judged, wanted) < missOf(nearest.judged, wanted)) nearest = { added, judged };
    if (judged.isWithin) break;
  }
  return nearest.judged.isWithin ? withoutSpare(nearest.added, judge) : nearest.judged;
}

const stepMl = usualDropMl / 2;
/** Smaller amounts are not counted out to save a puddle. */
const mostDrops = 200;

function withoutSpare(added: readonly number[], judge: Judge): BroughtBack {
  let now = [...added];
  for (let isFewer = true; isFewer;) {
    isFewer = false;
    for (let i = 0; i < now.length; i++) {
      if (now[i] === 0) continue;
      const fewer = now.with(i, now[i] - 1);
      if (!judge.of(fewer).isWithin) continue;
      now = fewer;
      isFewer = true;
    }
  }
  return judge.of(now);
}

const missOf = ({ error, load }: BroughtBack, wanted: WantedMix) =>
  error + (Math.abs(load - wanted.load) / wanted.load) * 10;

function withDrops(amounts: Amounts, bottles: Judge['bottles'], added: readonly number[]): Amounts {
  const mlOf = new Map(amounts.pots.map(({ potId, ml }) => [potId, ml]));
  bottles.forEach(({ potId, ml }, i) => mlOf.set(potId, (mlOf.get(potId) ?? 0) + added[i] * ml));
  return {
    ...amounts,
    pots: [...mlOf].map(([potId, ml]) => ({ potId, ml })),
    waterMl: amounts.waterMl + (added[bottles.length] ?? 0) * usualDropMl,
  };
}

function colourOfShares(shares: readonly PotShare[], shelf: Shelf): SurfaceColour {
  const present = shares.filter(({ share }) => share > 0);
  return surfaceColour(masstoneOf(mixedPaint(present, shelf)));
}

/** In how many ways so many drops can be dealt to so many bottles. */
function waysToDeal(drops: number, bottles: number): number {
  let ways = 1;
  for (let i = 1; i < bottles; i++) ways = (ways * (drops + i)) / i;
  return ways;
}

/** Every way to deal so many drops to so many bottles; the same list is filled anew each time. */
function eachDeal(drops: number, bottles: number, look: (added: number[]) => void): void {
  const added = new Array<number>(bottles).fill(0);
  const deal = (bottle: number, left: number): void => {
    if (bottle === bottles - 1) {
      added[bottle] = left;
      return look(added);
    }
    for (let count = 0; count <= left; count++) {
      added[bottle] = count;
      deal(bottle + 1, left - count);
    }
  };
  deal(0, drops);
}
