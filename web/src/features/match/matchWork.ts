import {
  groundOf,
  isAtHand,
  matchColour,
  opticsOf,
  potOn,
  type Looked,
  type MatchedMix,
  type Matcher,
  type MatchLimits,
  type SurfaceColour,
  type MatchPot,
} from '@yellow-ledger/core';
import { shelfInHand, whenChanged } from '../../workers/shared/ledgerData';

/** The target of a search, and its pots. */
export interface MatchQuestion {
  target: SurfaceColour;
  mostPots: MatchLimits['mostPots'];
  /** largest sum of whole parts, 2 to 8 */
  mostParts: number;
  atHandOnly: boolean;
  withMetallics: boolean;
  /** coats over a primer; null looks at the mix when thick */
  over: { potId: string; coats: number } | null;
}

let matcher: Matcher | null = null;
// The same list for the same wishes: what is known of its pairs is kept while it is searched again.
let candidates = new Map<string, MatchPot[]>();
whenChanged(['pots'], () => {
  candidates = new Map();
});

/** The search for a mix, a slice at a time: whoever asks can show it, share it out and stop. */
export const matchWork = {
  /** Works out the paints that are usually searched, ahead of the first search. */
  prepareMatch(): void {
    candidatesFor({ atHandOnly: true, withMetallics: false });
  },

  /** @returns how many slices there are */
  beginMatch(question: MatchQuestion): number {
    const { target, mostPots, mostParts, over } = question;
    const looked: Looked = over
      ? { as: 'film', ground: groundOf(potOn(shelfInHand(), over.potId)), films: over.coats }
      : { as: 'masstone' };
    matcher = matchColour(target, candidatesFor(question), { mostPots, mostParts, looked });
    return matcher.slices;
  },

  refineMatch(): MatchedMix[] {
    matcher?.refine();
    return matcher?.best() ?? [];
  },

  runMatch(slice: number): MatchedMix[] {
    matcher?.run(slice);
    return matcher?.best() ?? [];
  },
};

function candidatesFor({
  atHandOnly,
  withMetallics,
}: Pick<MatchQuestion, 'atHandOnly' | 'withMetallics'>): MatchPot[] {
  const key = `${atHandOnly} ${withMetallics}`;
  const pots =
    candidates.get(key) ??
    [...shelfInHand().values()]
      .filter(
        (pot) =>
          (pot.kind === 'paint' || pot.kind === 'ink') &&
          // A pot that hides nothing has no colour of its own to match with.
          pot.hiding > 0 &&
          (withMetallics || pot.finish !== 'metallic') &&
          (!atHandOnly || isAtHand(pot)),
      )
      .map((pot) => ({ potId: pot.id, optics: opticsOf(pot) }));
  candidates.set(key, pots);
  return pots;
}
