import type { Pot } from '../../../written/pot/pot';
import type { Meaning, MeaningKind } from '../lexicon/entry';
import type { Span } from '../said';

/** A run of words with one meaning, as one reading of a sentence has it. */
export type Chunk = Span & {
  /** words it takes up */
  length: number;
  /** as it was written, in small letters */
  text: string;
  /** how much it explains */
  score: number;
} & (
    | { kind: 'pot'; pots: readonly Pot[]; isWhole: boolean; isEveryday: boolean }
    | { kind: 'spot'; spotId: string }
    /** parts to each other */
    | { kind: 'ratio'; parts: readonly number[] }
    | { kind: 'unknown' }
    | { kind: MeaningKind; meaning: Meaning }
  );

export type ChunkKind = Chunk['kind'];

/** The meaning of a chunk, where it is of that kind. */
export function meaningOf<Kind extends MeaningKind>(
  chunk: Chunk | undefined,
  kind: Kind,
): Extract<Meaning, { kind: Kind }> | null {
  if (!chunk || !('meaning' in chunk) || chunk.kind !== kind) return null;
  return chunk.meaning as Extract<Meaning, { kind: Kind }>;
}

/** Kinds of words that join others and carry no fact of their own. */
export const fillers: ReadonlySet<ChunkKind> = new Set<ChunkKind>([
  'quiet',
  'comma',
  'colon',
  'and',
  'on',
  'in',
  'of',
  'with',
  'to',
  'or',
  'dash',
  'then',
]);
