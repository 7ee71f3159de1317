import type { SurfaceColour } from '../../../light/colour/surfaceColour';
import { opticsOf } from '../../../predicted/paint/opticsOfPot';
import type { Pot } from '../../../written/pot/pot';
import { matchColour, type MatchedMix } from '../matchColour';

const mostParts = 6;
/** A third pot is tried among those that came nearest, where two leave so much, ΔE00. */
const thirdFrom = 2;
const triedForThird = 12;

/**
 * The mix of whole parts that comes nearest to a colour, thick and dry: of two pots, or of three among
 * those that came nearest, where two leave too much.
 *
 * @returns null where there is no pot
 */
export function nearestByParts(target: SurfaceColour, pots: readonly Pot[]): MatchedMix | null {
  const searched = (among: readonly Pot[], mostPots: 2 | 3) => {
    const matcher = matchColour(
      target,
      among.map((pot) => ({ potId: pot.id, optics: opticsOf(pot) })),
      { mostPots, mostParts, looked: { as: 'masstone' } },
    );
    for (let slice = 0; slice < matcher.slices; slice++) matcher.run(slice);
    matcher.refine();
    return matcher.best();
  };
  const pairs = searched(pots, 2);
  const best = pairs.at(0);
  if (!best || best.error <= thirdFrom || pots.length < 3) return best ?? null;
  const near = new Set(pairs.flatMap(({ parts }) => parts.map(({ potId }) => potId)));
  const byNearness = [...pots].sort(
    (one, other) => Number(near.has(other.id)) - Number(near.has(one.id)),
  );
  return searched(byNearness.slice(0, triedForThird), 3).at(0) ?? best;
}
