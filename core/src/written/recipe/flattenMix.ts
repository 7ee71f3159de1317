import type { Mix } from '../mix/mix';
import type { Step } from './step';

/** Share of one pot in a mix, above 0 and up to 1. */
export interface PotShare {
  potId: string;
  share: number;
}

/** A mix that carries forward something that is not on an earlier line. */
export class CarryError extends RangeError {
  constructor(readonly stepId: string) {
    super(`the mix carries line ${stepId} forward, which is not above it`);
    this.name = 'CarryError';
  }
}

/**
 * Follows carried-forward mixes back to pots.
 *
 * @param earlier the steps above the mix; carrying from any other is refused, so that a mix can
 *   neither carry itself nor a later one
 * @returns shares of the paint that add up to 1, thinner left out, in order of first mention
 * @throws CarryError when a part comes from a step that is not above
 * @example // 1 part of (3 A + 1 B) and 1 part of C → A 0.375, B 0.125, C 0.5
 */
export function flattenMix(mix: Mix, earlier: readonly Step[]): PotShare[] {
  const known = new Map<string, PotShare[]>();
  return sharesOf(mix, earlier.length);

  function sharesOf({ parts }: Mix, above: number): PotShare[] {
    const shares = new Map<string, number>();
    const total = parts.reduce((sum, part) => sum + part.parts, 0);
    for (const part of parts) {
      const pots =
        part.from === 'pot' ? [{ potId: part.potId, share: 1 }] : carried(part.stepId, above);
      for (const { potId, share } of pots)
        shares.set(potId, (shares.get(potId) ?? 0) + (part.parts / total) * share);
    }
    return [...shares].map(([potId, share]) => ({ potId, share }));
  }

  function carried(stepId: string, above: number): PotShare[] {
    const index = earlier.findIndex(({ id }) => id === stepId);
    if (index < 0 || index >= above) throw new CarryError(stepId);
    // Without keeping what is known, sixty lines that each carry the one above twice never end.
    const shares = known.get(stepId) ?? sharesOf(earlier[index].mix, index);
    known.set(stepId, shares);
    return shares;
  }
}
