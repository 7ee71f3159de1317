import { flatSpectrum } from '../../light/colour/spectrum';
import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import type { Optics } from '../../light/optics/optics';
import { hidingOf, opticsOf } from '../../predicted/paint/opticsOfPot';
import { clearKinds, transparentKinds, type Pot } from '../../written/pot/pot';
import { isOfFamily } from '../../written/pot/family';
import { cardWhite } from '../../predicted/paint/practiceCard';
import { isAtHand } from '../../written/pot/stock';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import { matchColour } from './matchColour';
import type { MatchPot } from './matchPot';
import type { Looked } from './screen/mixMeter';

/** A substitute for a pot: another one, or a mix. */
export interface Substitute {
  parts: { potId: string; parts: number }[];
  colour: SurfaceColour;
  /** ΔE00 between the two: thick for paint, one neat coat over white for a wash or an ink */
  error: number;
  /** hiding of one coat less the pot's own, −1 to 1 */
  hidingError: number;
}

export interface SubstituteLimits {
  /** only pots that are neither retired nor empty; true where not said */
  atHandOnly?: boolean;
  /** how many to give, nearest first */
  count?: number;
  /** pots in a mix; where not said up to three on small shelves, two on large ones */
  mostPots?: 1 | 2 | 3;
}

/** Three pots at a time are tried on shelves up to this size. */
const triplesUpTo = 60;
const mostParts = 6;
/** The gain another pot in the mix must bring to be worth its trouble, ΔE00. */
export const potCosts = 0.7;
/** A whole step of hiding weighs as much as this, ΔE00. */
const hidingWeighs = 8;
const thinLook = { as: 'film', ground: flatSpectrum(cardWhite), films: 1 } satisfies Looked;

/**
 * Pots and mixes of up to three pots that come nearest to a pot in colour and in hiding. Paint is
 * compared thick; a wash or an ink, which nobody sees thick, as one neat coat over white. A primer
 * is replaced by a primer, a medium by a medium, a metallic by metallics.
 *
 * @returns nearest first, at least a third of them pots alone; none when nothing on the shelf is of the kind
 */
export function substitutes(
  pot: Pot,
  shelf: Shelf,
  { atHandOnly = true, count = 6, mostPots }: SubstituteLimits = {},
): Substitute[] {
  const candidates = [...shelf.values()].filter(
    (each) =>
      each.id !== pot.id &&
      isOfFamily(each, pot) &&
      (each.hiding > 0 || clearKinds.includes(pot.kind)) &&
      (!atHandOnly || isAtHand(each)),
  );
  if (clearKinds.includes(pot.kind)) return clearOnes(pot, candidates).slice(0, count);
  const own = opticsOf(pot);
  const isThin = transparentKinds.includes(pot.kind);
  const looksLike = (paint: Optics) =>
    surfaceColour(isThin ? filmOver(thinLook.ground, paint, 1) : masstoneOf(paint));
  const target = looksLike(own);
  const mixable = candidates.map(matchPotOf);
  const optics = new Map(mixable.map((each) => [each.potId, each.optics]));
  const matcher = matchColour(target, mixable, {
    mostPots: pot.kind === 'primer' ? 1 : (mostPots ?? (mixable.length <= triplesUpTo ? 3 : 2)),
    mostParts,
    looked: isThin ? thinLook : { as: 'masstone' },
  });
  for (let slice = 0; slice < matcher.slices; slice++) matcher.run(slice);
  matcher.refine();
  // The search keeps the best few mixes; pots alone are what a painter would reach for first.
  const alone = candidates.map((each): Substitute => {
    const colour = looksLike(opticsOf(each));
    return {
      parts: [{ potId: each.id, parts: 1 }],
      colour,
      error: colourDifference(colour, target),
      hidingError: each.hiding - pot.hiding,
    };
  });
  const mixes = matcher
    .best()
    .filter(({ parts }) => parts.length > 1)
    .map(({ parts, colour, error }): Substitute => {
      const shares = parts.map(({ potId, parts: count }) => ({
        optics: optics.get(potId) ?? own,
        parts: count,
      }));
      return { parts, colour, error, hidingError: hidingOf(mixOptics(shares), 1) - pot.hiding };
    });
  const byCost = (one: Substitute, other: Substitute) => costOf(one) - costOf(other);
  const nearestAlone = alone.sort(byCost).slice(0, Math.ceil(count / 3));
  const others = [...alone.slice(nearestAlone.length), ...mixes].sort(byCost);
  return [...nearestAlone, ...others.slice(0, count - nearestAlone.length)].sort(byCost);
}

const matchPotOf = (pot: Pot): MatchPot => ({
  potId: pot.id,
  optics: opticsOf(pot),
});

function costOf({ error, hidingError, parts }: Substitute): number {
  return error + hidingWeighs * Math.abs(hidingError) + potCosts * (parts.length - 1);
}

/** A pot that colours nothing is told from others by its finish alone. */
function clearOnes(pot: Pot, candidates: readonly Pot[]): Substitute[] {
  const colour = surfaceColour(flatSpectrum(cardWhite));
  return [...candidates]
    .sort((one, other) => Number(one.finish !== pot.finish) - Number(other.finish !== pot.finish))
    .map(({ id }) => ({ parts: [{ potId: id, parts: 1 }], colour, error: 0, hidingError: 0 }));
}
