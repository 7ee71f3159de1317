import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import type { Optics } from '../../light/optics/optics';

/** One mix between two others, in whole parts. */
export interface Rung {
  fromParts: number;
  toParts: number;
  colour: SurfaceColour;
}

/** The way from one mix to another. */
export interface Bridge {
  /** the mixes between, in order; neither end is among them */
  rungs: Rung[];
  /** |ΔL*| from each mix to the next, the ends included */
  steps: number[];
  largestStep: number;
  /** what each step would be if all were alike */
  evenStep: number;
}

/** The look of a mix that is painted: where glazes follow, after them. */
export type Looks = (mix: Optics) => SurfaceColour;

/** The most parts of one mix that are counted out. */
export const mostBridgeParts = 8;
const mostRungs = 10;

/**
 * Mixes between two others whose L* steps are as even as whole parts allow. Equal parts are not
 * equal steps: a little of a white moves a red further than much of a tan does.
 *
 * @param maxJump largest step in L* that is wanted, above 0; as many rungs are put in as it takes
 * @param looks how a mix looks in the end; thick and bare unless said
 * @returns no rung where the ends are no further apart than `maxJump`
 * @throws RangeError when `maxJump` is not above 0
 */
export function bridgeMixes(
  from: Optics,
  to: Optics,
  maxJump: number,
  looks: Looks = colourOf,
): Bridge {
  if (!(maxJump > 0)) throw new RangeError(`a jump of ${maxJump} L* bridges nothing`);
  const candidates = rungsBetween(from, to, looks);
  const ends = { from: looks(from), to: looks(to) };
  const apart = Math.abs(ends.to.value - ends.from.value);
  const fewest = Math.min(mostRungs, Math.max(0, Math.ceil(apart / maxJump - 1e-9) - 1));
  for (let count = fewest; ; count++) {
    const bridge = evenest(ends, candidates, count);
    if (bridge.largestStep <= maxJump * 1.15 || count >= mostRungs || count >= fewest + 2)
      return bridge;
  }
}

/** As `bridgeMixes`, with a given number of rungs, 0–10. */
export function bridgeInRungs(from: Optics, to: Optics, count: number): Bridge {
  const ends = { from: colourOf(from), to: colourOf(to) };
  return evenest(ends, rungsBetween(from, to), Math.min(mostRungs, Math.max(0, count)));
}

/** The rungs a painter mixes who shares the way out evenly by parts, for holding against even L*. */
export function rungsByParts(from: Optics, to: Optics, count: number): Rung[] {
  const candidates = rungsBetween(from, to);
  const apart = ({ fromParts, toParts }: Rung, share: number) =>
    Math.abs(toParts / (fromParts + toParts) - share);
  return Array.from({ length: count }, (_, i) => {
    const share = (i + 1) / (count + 1);
    return candidates.reduce((best, rung) =>
      apart(rung, share) < apart(best, share) ? rung : best,
    );
  });
}

/** Every mix of 1–8 parts of each, in order from one end to the other, proportions once each. */
export function rungsBetween(from: Optics, to: Optics, looks: Looks = colourOf): Rung[] {
  const byRatio = new Map<number, Rung>();
  for (let fromParts = 1; fromParts <= mostBridgeParts; fromParts++)
    for (let toParts = 1; toParts <= mostBridgeParts; toParts++) {
      const ratio = toParts / (fromParts + toParts);
      if (byRatio.has(ratio)) continue;
      const optics = mixOptics([
        { optics: from, parts: fromParts },
        { optics: to, parts: toParts },
      ]);
      byRatio.set(ratio, { fromParts, toParts, colour: looks(optics) });
    }
  return [...byRatio].sort(([one], [other]) => one - other).map(([, rung]) => rung);
}

/**
 * The `count` candidates, in order, that make the largest L* step as small as can be; among those
 * the ones whose steps differ least. Found exactly, rung by rung: the best way to a candidate
 * through k rungs goes on from the best ways through k − 1.
 */
function evenest(
  ends: Record<'from' | 'to', SurfaceColour>,
  candidates: readonly Rung[],
  count: number,
): Bridge {
  const start = ends.from.value;
  const end = ends.to.value;
  interface Way {
    largest: number;
    squares: number;
    rungs: Rung[];
  }
  const further = (way: Way, step: number, rung?: Rung): Way => ({
    largest: Math.max(way.largest, Math.abs(step)),
    squares: way.squares + step * step,
    rungs: rung ? [...way.rungs, rung] : way.rungs,
  });
  const better = (one: Way, other: Way | null) =>
    other === null ||
    one.largest < other.largest - 1e-9 ||
    (one.largest < other.largest + 1e-9 && one.squares < other.squares);
  let ways: (Way | null)[] = candidates.map((rung) =>
    further({ largest: 0, squares: 0, rungs: [] }, rung.colour.value - start, rung),
  );
  for (let rungs = 2; rungs <= count; rungs++)
    ways = candidates.map((rung, index) => {
      let best: Way | null = null;
      for (let before = 0; before < index; before++) {
        const way = ways[before];
        if (!way) continue;
        const step = rung.colour.value - candidates[before].colour.value;
        const longer = further(way, step, rung);
        if (better(longer, best)) best = longer;
      }
      return best;
    });
  let best: Way | null = null;
  if (count === 0) best = further({ largest: 0, squares: 0, rungs: [] }, end - start);
  else
    ways.forEach((way, index) => {
      if (!way) return;
      const whole = further(way, end - candidates[index].colour.value);
      if (better(whole, best)) best = whole;
    });
  const { rungs, largest } = best as unknown as Way;
  const values = [start, ...rungs.map(({ colour }) => colour.value), end];
  return {
    rungs,
    steps: values.slice(1).map((value, i) => Math.abs(value - values[i])),
    largestStep: largest,
    evenStep: Math.abs(end - start) / (count + 1),
  };
}

const colourOf: Looks = (optics) => surfaceColour(masstoneOf(optics));
