import type { Meaning, MeaningKind } from '../../lexicon/entry';
import { meaningOf, type Chunk, type ChunkKind } from '../chunk';

/** A place in the chunks of a line, for looking on and going on. */
export class Cursor {
  at = 0;

  constructor(readonly chunks: readonly Chunk[]) {}

  get chunk(): Chunk | undefined {
    return this.chunks[this.at];
  }

  /** The next that is none of these kinds. @param from counted from here */
  next(from: number, over: readonly ChunkKind[] = ['quiet']): { chunk: Chunk; by: number } | null {
    for (let by = from; this.at + by < this.chunks.length; by++) {
      const chunk = this.chunks[this.at + by];
      if (!over.includes(chunk.kind)) return { chunk, by };
    }
    return null;
  }

  /** The one before that is none of these kinds. */
  before(over: readonly ChunkKind[] = ['quiet']): Chunk | undefined {
    for (let at = this.at - 1; at >= 0; at--)
      if (!over.includes(this.chunks[at].kind)) return this.chunks[at];
    return undefined;
  }

  peek(by: number): Chunk | undefined {
    return this.chunks[this.at + by];
  }

  meaning<Kind extends MeaningKind>(kind: Kind, by = 0): Extract<Meaning, { kind: Kind }> | null {
    return meaningOf(this.chunks[this.at + by], kind);
  }
}
