import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import type { Optics } from '../../light/optics/optics';
import { rungsBetween } from '../../predicted/glazes/bridgeMixes';

/** A mix of the mid tone and another pot, in whole parts up to 8. */
export interface LadderRung {
  midParts: number;
  otherParts: number;
  /** L* */
  value: number;
}

/** A ratio that is easier to count out may miss its place by so much more, L*. */
const asGoodWithin = 1.5;

/**
 * Mixes from a mid tone towards another pot whose L* steps are even: each is the mix of whole
 * parts nearest to its even place, the last as far out as is wanted or the other pot itself.
 *
 * @param count how many, 0 or more
 * @param furthest change of L* wanted for the last, below 0 for darker
 * @returns in order away from the mid tone; fewer where whole parts give no more
 */
export function tonalLadder(
  mid: Optics,
  other: Optics,
  count: number,
  furthest: number,
): LadderRung[] {
  const start = surfaceColour(masstoneOf(mid)).value;
  const end = surfaceColour(masstoneOf(other)).value;
  const reach = Math.abs(end - start) < Math.abs(furthest) ? end - start : furthest;
  const candidates: LadderRung[] = [
    ...rungsBetween(mid, other).map(({ fromParts, toParts, colour }) => ({
      midParts: fromParts,
      otherParts: toParts,
      value: colour.value,
    })),
    { midParts: 0, otherParts: 1, value: end },
  ];
  const partsOf = (index: number) => candidates[index].midParts + candidates[index].otherParts;
  const rungs: LadderRung[] = [];
  let from = 0;
  for (let rung = 1; rung <= count && from < candidates.length; rung++) {
    const wanted = start + (reach * rung) / count;
    // Those to come need a candidate each, so not all of what is left may be stepped over.
    const last = Math.max(from, candidates.length - 1 - (count - rung));
    const miss = (index: number) => Math.abs(candidates[index].value - wanted);
    let best = from;
    for (let index = from; index <= last; index++) if (miss(index) < miss(best)) best = index;
    const nearest = miss(best);
    for (let index = from; index <= last; index++)
      if (miss(index) <= nearest + asGoodWithin && partsOf(index) < partsOf(best)) best = index;
    rungs.push(candidates[best]);
    from = best + 1;
  }
  return rungs;
}
