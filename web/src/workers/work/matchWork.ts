import {
  groundOf,
  hexSchema,
  idSchema,
  isAtHand,
  matchColour,
  opticsOfPot,
  potOn,
  wholeNumberWithin,
  type Looked,
  type MatchedMix,
  type Matcher,
  type MatchPot,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { shelfInHand, whenShelfChanges } from './shelfInHand';

export const matchQuestionSchema = z.object({
  /** CIELAB under D65 */
  target: z.object({
    hex: hexSchema,
    value: z.number(),
    a: z.number(),
    b: z.number(),
    chroma: z.number(),
    hue: z.number(),
  }),
  mostPots: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  mostParts: wholeNumberWithin(2, 8),
  atHandOnly: z.boolean(),
  withMetallics: z.boolean(),
  /** coats over a primer; null looks at the mix when thick */
  over: z.object({ potId: idSchema, coats: wholeNumberWithin(1, 12) }).nullable(),
});

export type MatchQuestion = z.infer<typeof matchQuestionSchema>;

let matcher: Matcher | null = null;
// The same list for the same wishes: what is known of its pairs is kept while it is searched again.
let candidates = new Map<string, MatchPot[]>();
whenShelfChanges(() => {
  candidates = new Map();
});

/** The search for a mix, a slice at a time: whoever asks can show it, share it out and stop. */
export const matchWork = {
  /** Works out the paints that are usually searched, ahead of the first search. */
  prepareMatch(): void {
    candidatesFor({ atHandOnly: true, withMetallics: false });
  },

  /** @returns how many slices there are */
  beginMatch(asked: unknown): number {
    const question = matchQuestionSchema.parse(asked);
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
          // What hides nothing has no colour of its own to match with.
          pot.hiding > 0 &&
          (withMetallics || pot.finish !== 'metallic') &&
          (!atHandOnly || isAtHand(pot)),
      )
      .map(({ id, swatch, hiding }) => ({ potId: id, optics: opticsOfPot(swatch, hiding) }));
  candidates.set(key, pots);
  return pots;
}
