import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixedPaint, type Shelf } from '../../predicted/paint/mixedPaint';
import { dropMlOf, usualDropMl } from '../../written/pot/stock';
import type { PotShare } from '../../written/recipe/flattenMix';
import type { DropMore, DropOf } from '../../written/mix/dropMore';
import type { AddedDrops } from './bringBack';
import { loadOfAmounts, sharesIn, type Amounts } from './puddle';
import type { WantedMix } from './well';

/** How near a puddle is to the wanted mix. */
export interface Nearness {
  /** dried at full strength */
  colour: SurfaceColour;
  /** ΔE00 to the wanted mix, dried at full strength */
  error: number;
  /** L* more than the wanted mix has */
  lighter: number;
  /** share of paint in it, and in the wanted mix; 0–1 */
  load: number;
  wantedLoad: number;
}

/** A puddle, what is wanted of it, and the one drop that brings it nearest. */
export interface PuddleStudy {
  /** null without paint */
  now: Nearness | null;
  wanted: SurfaceColour;
  /** null where no single drop brings it nearer */
  best: { of: DropOf; then: Nearness } | null;
}

/** Wrong thinning by a tenth of the load weighs as much as a colour difference of 1. */
const loadWeighs = 10;
/** A drop that brings it nearer by less is not worth it, ΔE00. */
const leastGain = 0.1;

/** Counted drops as millilitres. @throws UnknownPotError */
export function amountsOfDrops({ pots, water, medium }: AddedDrops, shelf: Shelf): Amounts {
  return {
    pots: pots.map(({ potId, drops }) => {
      const pot = shelf.get(potId);
      return { potId, ml: drops * (pot ? dropMlOf(pot) : usualDropMl) };
    }),
    waterMl: water * usualDropMl,
    mediumMl: medium * usualDropMl,
  };
}

/** A puddle with drops more or less of something in it; never less than none. */
export function withDrops(puddle: AddedDrops, { of, drops }: DropMore): AddedDrops {
  const sum = (before: number) => Math.max(0, before + drops);
  if (of === 'water' || of === 'medium') return { ...puddle, [of]: sum(puddle[of]) };
  const isIn = puddle.pots.some(({ potId }) => potId === of.potId);
  const pots = isIn ? puddle.pots : [...puddle.pots, { potId: of.potId, drops: 0 }];
  return {
    ...puddle,
    pots: pots.map((pot) => (pot.potId === of.potId ? { ...pot, drops: sum(pot.drops) } : pot)),
  };
}

/**
 * How near a puddle is to a wanted mix, and which single drop of what is in it or wanted brings it
 * nearest.
 *
 * @throws UnknownPotError
 */
export function puddleStudy(puddle: AddedDrops, wanted: WantedMix, shelf: Shelf): PuddleStudy {
  const target = colourOf(wanted.pots, shelf);
  const look = (each: AddedDrops) => nearnessOf(amountsOfDrops(each, shelf), target, wanted, shelf);
  const now = look(puddle);
  const potIds = new Set([...puddle.pots, ...wanted.pots].map(({ potId }) => potId));
  const hasMedium = puddle.medium > 0 || (wanted.mediumShare ?? 0) > 0;
  const sources: DropOf[] = [
    ...[...potIds].map((potId) => ({ potId })),
    'water',
    ...(hasMedium ? (['medium'] as const) : []),
  ];
  const tries = sources.flatMap((of) => {
    const then = look(withDrops(puddle, { of, drops: 1 }));
    return then ? [{ of, then }] : [];
  });
  const missNow = now ? missOf(now) : Infinity;
  const best = tries.sort((one, other) => missOf(one.then) - missOf(other.then)).at(0);
  return {
    now,
    wanted: target,
    best: best && missOf(best.then) < missNow - leastGain ? best : null,
  };
}

function nearnessOf(
  amounts: Amounts,
  target: SurfaceColour,
  wanted: WantedMix,
  shelf: Shelf,
): Nearness | null {
  const shares = sharesIn(amounts);
  if (shares.length === 0) return null;
  const colour = colourOf(shares, shelf);
  return {
    colour,
    error: colourDifference(colour, target),
    lighter: colour.value - target.value,
    load: loadOfAmounts(amounts),
    wantedLoad: wanted.load,
  };
}

const missOf = ({ error, load, wantedLoad }: Nearness) =>
  error + (Math.abs(load - wantedLoad) / wantedLoad) * loadWeighs;

function colourOf(shares: readonly PotShare[], shelf: Shelf): SurfaceColour {
  return surfaceColour(
    masstoneOf(
      mixedPaint(
        shares.filter(({ share }) => share > 0),
        shelf,
      ),
    ),
  );
}
