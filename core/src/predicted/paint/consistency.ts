import type { Pot } from '../../written/pot/pot';
import { clearKinds, transparentKinds } from '../../written/pot/pot';
import type { PotShare } from '../../written/recipe/flattenMix';
import { loadOf, waterShareOf, type Thinning } from '../../written/mix/mix';
import { potOn, type Shelf } from './mixedPaint';

/**
 * How stiff or runny a mix is on the brush, in everyday words. `leastLoad` is the smallest share
 * of paint that still behaves so when the paint is of normal flow.
 */
export const consistencies = [
  {
    name: 'stiff',
    leastLoad: 0.85,
    tells: 'stands up and keeps brush marks; for dry brush and points',
  },
  { name: 'smooth', leastLoad: 0.55, tells: 'levels out by itself; for base coats and layers' },
  {
    name: 'loose',
    leastLoad: 0.35,
    tells: 'slides and shows what is below; for thin layers and lines',
  },
  { name: 'runny', leastLoad: 0.18, tells: 'runs into recesses by itself; for washes and glazes' },
  { name: 'tinted water', leastLoad: 0, tells: 'only stains; for filters and the last tints' },
] as const;

export type Consistency = (typeof consistencies)[number];

/** How much stiffer than usual a pot is as it comes: its paint counts so many times. */
const stiffnessOfFlow: Record<Pot['flow'], number> = { thin: 0.6, normal: 1, thick: 1.35 };

/** A pot that lets light through comes thinned already. */
const thinnedInThePot = 0.5;

/** Parts of water alone that 1 part of normal paint can take before its pigment breaks up. */
const mostWater = 3;

/** How much of that a pot takes by its owner's experience. */
const heldAs: Record<NonNullable<Pot['thinsAs']>, number> = {
  'holds together': 1.6,
  usual: 1,
  'breaks up early': 0.6,
};

/** Parts of water alone that 1 part of a paint holds together with, from its pots by share. */
export function waterHeldBy(shares: readonly PotShare[], shelf: Shelf): number {
  const held = shares.reduce(
    (sum, { potId, share }) => sum + share * heldAs[potOn(shelf, potId).thinsAs ?? 'usual'],
    0,
  );
  return mostWater * Math.max(0.5, stiffnessOf(shares, shelf)) * held;
}

/** Each part of medium keeps so many parts of water more together. */
const heldByMedium = 2;

/**
 * How stiff the paint of a mix is as it comes, from the flow of its pots by share.
 *
 * @returns 1 for normal pots, more for thick, less for thin ones
 */
export function stiffnessOf(shares: readonly PotShare[], shelf: Shelf): number {
  return shares.reduce((sum, { potId, share }) => {
    const { flow, kind } = potOn(shelf, potId);
    if (clearKinds.includes(kind)) return sum;
    const comesThinned = transparentKinds.includes(kind) ? thinnedInThePot : 1;
    return sum + share * stiffnessOfFlow[flow] * comesThinned;
  }, 0);
}

/**
 * The consistency a mix has on the brush.
 *
 * @param stiffness of its paint as it comes, as `stiffnessOf` gives it
 * @example consistencyOf({ …, waterParts: 1, mediumParts: 0 }, 1).name // → 'loose'
 */
export function consistencyOf(mix: Thinning, stiffness: number): Consistency {
  const load = loadOf(mix) * stiffness;
  return consistencies.find(({ leastLoad }) => load >= leastLoad - 1e-9) ?? consistencies[4];
}

/**
 * Parts of thinner to 1 part of paint that give a consistency: the middle of its range, to the
 * nearest half part (whole parts from 3 up).
 *
 * @returns 0 for the stiffest, and wherever the paint comes thinner than was asked for
 */
export function thinnerFor(name: Consistency['name'], stiffness: number): number {
  const index = consistencies.findIndex((each) => each.name === name);
  if (index === 0) return 0;
  const least = consistencies[index].leastLoad || 0.08;
  const load = (least + consistencies[index - 1].leastLoad) / 2 / stiffness;
  const parts = Math.max(0, 1 / load - 1);
  return parts < 3 ? Math.round(parts * 2) / 2 : Math.min(30, Math.round(parts));
}

/** The effect of water and medium, each in its way, on a thinned mix. */
export interface ThinnerEffect {
  /** how strongly it collects in recesses, 0–1 */
  pools: number;
  /** how far a brushful runs, as a multiple of the neat paint */
  runs: number;
  /** parts of water at which the pigment breaks up, with the medium there is */
  breaksUpAt: number;
  /** past that: it dries in rings and leaves bare spots */
  breaksUp: boolean;
}

/**
 * Water breaks the film: thinned paint runs and pools, and past a point its pigment parts. Medium
 * thins as much and keeps the film together, so it stays where it was put.
 *
 * @param waterHeld parts of water its paint holds together with, as `waterHeldBy` gives it
 */
export function thinnerEffect(mix: Thinning, waterHeld: number): ThinnerEffect {
  const waterShare = mix.waterParts + mix.mediumParts === 0 ? 0 : waterShareOf(mix);
  const thinned = 1 - loadOf(mix);
  const breaksUpAt = waterHeld + heldByMedium * mix.mediumParts;
  return {
    pools: thinned * (0.4 + 0.6 * waterShare),
    runs: 1 + (1 / loadOf(mix) - 1) * (0.4 + 0.6 * waterShare),
    breaksUpAt,
    breaksUp: mix.waterParts > breaksUpAt,
  };
}

/**
 * The consistency in a word, for writing beside a ratio.
 *
 * @returns nothing for what holds no paint: a medium or a varnish is as it comes
 * @example consistencyWord({ waterParts: 3, mediumParts: 0 }, 1) // → 'runny'
 */
export function consistencyWord(mix: Thinning, stiffness: number): Consistency['name'] | '' {
  return stiffness === 0 ? '' : consistencyOf(mix, stiffness).name;
}
