import { greatestDivisor } from './greatestDivisor';
import { mostParts, type MixPart } from './mix';

/** Parts of the same source added up, in order of first mention. */
export function sameTogether(parts: readonly MixPart[]): MixPart[] {
  const bySource = new Map<string, MixPart>();
  for (const part of parts) {
    const source = part.from === 'pot' ? `pot ${part.potId}` : `step ${part.stepId}`;
    const so = bySource.get(source);
    bySource.set(source, so ? { ...so, parts: so.parts + part.parts } : part);
  }
  return [...bySource.values()];
}

/** The same proportions in the smallest whole numbers; parts that are not whole stay as they are. */
export function simplestParts(parts: readonly MixPart[]): MixPart[] {
  const figures = parts.map((part) => part.parts);
  const divisor =
    figures.length > 0 && figures.every(Number.isInteger) ? figures.reduce(greatestDivisor) : 1;
  return parts.map((part) => ({ ...part, parts: part.parts / divisor }));
}

/** As `simplestParts`, scaled down where a mix could not be written otherwise: at most 100 parts. */
export function fittingParts(parts: readonly MixPart[]): MixPart[] {
  const simplest = simplestParts(parts);
  const largest = Math.max(...simplest.map((part) => part.parts));
  if (largest <= mostParts) return simplest;
  return simplest.map((part) => ({ ...part, parts: (part.parts * mostParts) / largest }));
}

/** Parts are counted out up to so many in all; finer shares are rounded to them. */
const mostCounted = 24;
/** A share may be off by this from whole parts and still be meant as them. */
const nearlyWhole = 0.02;

/**
 * Shares of pots as the whole parts a painter counts out.
 *
 * @example partsOfShares([{ potId: 'a', share: 0.75 }, { potId: 'b', share: 0.25 }]) // → 3 and 1
 */
export function partsOfShares<Share extends { share: number }>(
  shares: readonly Share[],
): (Share & { parts: number })[] {
  const countedIn = (total: number) =>
    shares.map((each) => ({ ...each, parts: Math.max(1, Math.round(each.share * total)) }));
  for (let total = shares.length; total <= mostCounted; total++) {
    const isWhole = shares.every(
      ({ share }) =>
        share * total >= 1 - nearlyWhole &&
        Math.abs(share * total - Math.round(share * total)) <= nearlyWhole,
    );
    if (isWhole) return countedIn(total);
  }
  return countedIn(mostCounted);
}
