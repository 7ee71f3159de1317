import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import type { Optics } from '../../light/optics/optics';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import { potOn, type Shelf } from '../../predicted/paint/mixedPaint';
import { clearKinds, type Pot } from '../../written/pot/pot';
import { dropMlOf, usualDropMl } from '../../written/pot/stock';
import type { AddedDrops } from './bringBack';
import { amountsOfDrops } from './dropByDrop';
import { paintMl } from './puddle';

/** The drops that give a colour that was measured, as far as the pots can. */
export interface MixedByEye {
  drops: AddedDrops;
  /** of these drops, dried at full strength */
  colour: SurfaceColour;
  /** ΔE00 between the measured colour and these drops, dried at full strength */
  error: number;
  /** the one pot more that explains the colour better; null where none does by much */
  lacks: { potId: string; error: number } | null;
}

/** Moving the whole of a puddle away from what was counted weighs as much as this ΔE00. */
const countedPull = 0.6;
/** Steps by which shares move, largest first. */
const moves = [0.3, 0.15, 0.08, 0.04, 0.02, 0.01, 0.005, 0.002];
/** A pot with less of the paint than this is not in it. */
const leastShare = 0.002;
/** From this ΔE00 on another pot is looked for, and has to explain as much. */
const looksFrom = 2.5;
const sharesTried = [0.03, 0.08, 0.18, 0.35, 0.55];
const dropsRoundTo = 0.05;

/**
 * Works out the content of a puddle that was mixed by eye from its colour and the pots that went
 * into it. Where several mixes give the colour, the one nearest to the counted drops; thinner stays
 * as counted, as a dry stroke does not tell it.
 *
 * @param seen colour of a thick, dry stroke of the puddle
 * @param puddle the pots that are in it; with no drops counted, each counts alike
 * @param shelf pots that may be in it besides
 * @returns null where no pot in it has a colour
 * @throws UnknownPotError
 */
export function mixedByEye(
  seen: SurfaceColour,
  puddle: AddedDrops,
  shelf: Shelf,
): MixedByEye | null {
  const coloured = puddle.pots.filter(({ potId }) => isColoured(potId, shelf));
  if (coloured.length === 0) return null;
  const optics = coloured.map(({ potId }) => opticsOf(potOn(shelf, potId)));
  const counted = countedShares(coloured, shelf);
  const missOf = (shares: readonly number[]) => colourDifference(colourOf(optics, shares), seen);
  const costOf = (shares: readonly number[]) =>
    missOf(shares) +
    (countedPull / 2) * shares.reduce((sum, share, at) => sum + Math.abs(share - counted[at]), 0);
  const even = coloured.map(() => 1 / coloured.length);
  const mostly = coloured.map((_, which) => even.map((share, at) => heavy(share, at === which)));
  const found = [counted, even, ...mostly]
    .map((start) => descended(start, costOf))
    .sort((one, other) => one.cost - other.cost)[0].shares;
  const colour = colourOf(optics, found);
  const error = colourDifference(colour, seen);
  return {
    drops: withShares(puddle, coloured, found, shelf),
    colour,
    error,
    lacks: error < looksFrom ? null : lackingPot(seen, optics, found, puddle, shelf),
  };
}

const isColoured = (potId: string, shelf: Shelf) => !clearKinds.includes(potOn(shelf, potId).kind);

const heavy = (even: number, isIt: boolean) => (isIt ? 0.9 : 0.1 * even);

/** Shares by volume of the counted drops, adding up to 1. */
function countedShares(pots: AddedDrops['pots'], shelf: Shelf): number[] {
  const ml = pots.map(({ potId, drops }) => drops * dropMlOf(potOn(shelf, potId)));
  const total = ml.reduce((sum, each) => sum + each, 0);
  return ml.map((each) => (total > 0 ? each / total : 1 / pots.length));
}

function colourOf(optics: readonly Optics[], shares: readonly number[]): SurfaceColour {
  const parts = optics.flatMap((each, at) =>
    shares[at] > 0 ? [{ optics: each, parts: shares[at] }] : [],
  );
  return surfaceColour(masstoneOf(mixOptics(parts)));
}

/** The best shares that are reached by moving some from one pot to another. */
function descended(start: readonly number[], costOf: (shares: readonly number[]) => number) {
  let shares = [...start];
  let cost = costOf(shares);
  const pairs = shares.flatMap((_, from) =>
    shares.flatMap((__, into) => (from === into ? [] : [[from, into]])),
  );
  for (const move of moves)
    for (let moved = true; moved;) {
      moved = false;
      for (const [from, into] of pairs) {
        const much = Math.min(move, shares[from]);
        if (much <= 0) continue;
        const tried = shares.map((share, at) =>
          at === from ? share - much : at === into ? share + much : share,
        );
        const then = costOf(tried);
        if (then >= cost - 1e-6) continue;
        [shares, cost, moved] = [tried, then, true];
      }
    }
  return { shares, cost };
}

/** The puddle with its paint in these shares, as much of it as before. */
function withShares(
  puddle: AddedDrops,
  coloured: AddedDrops['pots'],
  shares: readonly number[],
  shelf: Shelf,
): AddedDrops {
  const ml = paintMl(amountsOfDrops({ ...puddle, pots: coloured }, shelf)) || usualDropMl;
  const drops = new Map(
    coloured.map(({ potId }, at) => [
      potId,
      shares[at] < leastShare ? 0 : rounded((shares[at] * ml) / dropMlOf(potOn(shelf, potId))),
    ]),
  );
  return {
    ...puddle,
    pots: puddle.pots.map((pot) => ({ ...pot, drops: drops.get(pot.potId) ?? pot.drops })),
  };
}

/** To the twentieth of a drop, but never to none. */
const rounded = (drops: number) =>
  Math.max(1, Math.round(drops / dropsRoundTo)) / Math.round(1 / dropsRoundTo);

function lackingPot(
  seen: SurfaceColour,
  optics: readonly Optics[],
  shares: readonly number[],
  puddle: AddedDrops,
  shelf: Shelf,
): MixedByEye['lacks'] {
  const isIn = new Set(puddle.pots.map(({ potId }) => potId));
  const others = [...shelf.values()].filter(
    ({ id, kind, retired }) => !retired && !isIn.has(id) && (kind === 'paint' || kind === 'ink'),
  );
  const now = colourDifference(colourOf(optics, shares), seen);
  const withSome = (pot: Pot, share: number) =>
    colourOf([...optics, opticsOf(pot)], [...shares.map((each) => each * (1 - share)), share]);
  const best = others
    .map((pot) => ({
      potId: pot.id,
      error: Math.min(...sharesTried.map((share) => colourDifference(withSome(pot, share), seen))),
    }))
    .sort((one, other) => one.error - other.error)
    .at(0);
  return best && best.error < now - looksFrom / 2 ? best : null;
}
