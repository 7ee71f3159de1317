import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { hueApart } from '../../light/colour/hueApart';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import type { Optics } from '../../light/optics/optics';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import type { Pot } from '../../written/pot/pot';
import type { MixPart } from '../../written/mix/mix';

/** Whole parts of up to three pots, and how far they are from the colour wanted. */
export interface NearestMix {
  parts: MixPart[];
  /** ΔE00 */
  error: number;
}

const nearestTried = 8;
const strongTried = 4;
const strongWithin = 40;
const nearlyGrey = 12;
const mostParts = 4;
/** Another pot has to bring the colour nearer by this, ΔE00, to be worth mixing. */
const worthMixing = 1;
/** A third pot is tried where two leave more than this, ΔE00, with the best few pairs. */
const thirdFrom = 3;
const pairsKept = 6;
const mostOfThree = 6;

interface Candidate {
  pot: Pot;
  optics: Optics;
}

interface Tried extends NearestMix {
  pots: Candidate[];
}

/**
 * The pot nearest to a colour, or two in whole parts up to 4, or three, where they come nearer.
 *
 * @returns null when there is no pot
 */
export function nearestMix(hex: string, pots: readonly Pot[]): NearestMix | null {
  if (pots.length === 0) return null;
  const target = colourOfHex(hex);
  const likely = likelyFor(target, pots).map((pot) => ({ pot, optics: opticsOf(pot) }));
  const triedOf = (among: Candidate[], parts: number[]): Tried => {
    const mixed = mixOptics(among.map(({ optics }, at) => ({ optics, parts: parts[at] })));
    return {
      pots: among,
      parts: among.map(({ pot }, at) => ({ from: 'pot', potId: pot.id, parts: parts[at] })),
      error: colourDifference(surfaceColour(masstoneOf(mixed)), target),
    };
  };
  const nearer = (one: Tried, other: Tried) => one.error - other.error;
  const singles = likely.map((one) => triedOf([one], [1])).sort(nearer);
  const pairs = likely
    .flatMap((one, index) =>
      likely.slice(index + 1).flatMap((other) =>
        upTo(mostParts)
          .flatMap((a) => upTo(mostParts).map((b) => [a, b]))
          .map((parts) => triedOf([one, other], parts)),
      ),
    )
    .sort(nearer);
  let best = singles[0];
  if (pairs.length > 0 && pairs[0].error < best.error - worthMixing) best = pairs[0];
  if (best.error <= thirdFrom) return { parts: best.parts, error: best.error };
  const threes = onePerPair(pairs)
    .slice(0, pairsKept)
    .flatMap(({ pots: [one, other] }) =>
      likely
        .filter((third) => third !== one && third !== other)
        .flatMap((third) => waysOfThree.map((parts) => triedOf([one, other, third], parts))),
    )
    .sort(nearer);
  if (threes.length > 0 && threes[0].error < best.error - worthMixing) best = threes[0];
  return { parts: best.parts, error: best.error };
}

const upTo = (most: number) => Array.from({ length: most }, (_, index) => index + 1);

const waysOfThree = upTo(mostOfThree).flatMap((a) =>
  upTo(mostOfThree).flatMap((b) =>
    upTo(mostOfThree)
      .filter((c) => a + b + c <= mostOfThree)
      .map((c) => [a, b, c]),
  ),
);

/** The best of each two pots, best first. */
function onePerPair(pairs: readonly Tried[]): Tried[] {
  const seen = new Set<string>();
  return pairs.filter(({ pots }) => {
    const both = pots.map(({ pot }) => pot.id).join(' ');
    if (seen.has(both)) return false;
    seen.add(both);
    return true;
  });
}

/** The nearest pots; the strongest of its hue; the palest and the darkest grey, to bring those about. */
function likelyFor(target: SurfaceColour, pots: readonly Pot[]): Pot[] {
  const seen = pots.map((pot) => ({ pot, colour: colourOfHex(pot.swatch) }));
  const by = (figureOf: (colour: SurfaceColour) => number, among = seen) =>
    [...among].sort((one, other) => figureOf(one.colour) - figureOf(other.colour));
  const greys = seen.filter(({ colour }) => colour.chroma < nearlyGrey);
  const ofHue = seen.filter(
    ({ colour }) => Math.abs(hueApart(colour.hue, target.hue)) < strongWithin,
  );
  const likely = [
    ...by((colour) => colourDifference(colour, target)).slice(0, nearestTried),
    ...by((colour) => -colour.chroma, ofHue).slice(0, strongTried),
    ...by((colour) => -colour.value, greys).slice(0, 1),
    ...by((colour) => colour.value, greys).slice(0, 1),
  ];
  return [...new Set(likely.map(({ pot }) => pot))];
}
