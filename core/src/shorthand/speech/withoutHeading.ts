import type { Chunk, ChunkKind } from './chunk';

/** Kinds that say something of a line, before a colon too. */
const working = new Set<ChunkKind>([
  'technique',
  'stage',
  'number',
  'ratio',
  'percent',
  'amount',
  'place',
  'fold',
  'side',
  'all',
  'thin',
  'neat',
  'coats',
  'often',
  'same',
  'mixAbove',
  'more',
  'add',
  'spot',
  'line',
  'plus',
  'not',
]);

/**
 * The chunks of a sentence without a heading before its colon: “tan leather look: …” is what it is
 * for. A colour before a colon is no paint where a whole name stands behind it.
 */
export function withoutHeading(path: readonly Chunk[]): Chunk[] {
  const colon = path.findIndex(({ kind }) => kind === 'colon');
  if (colon <= 0) return [...path];
  const [head, rest] = [path.slice(0, colon), path.slice(colon)];
  const isNamedBehind = rest.some((chunk) => chunk.kind === 'pot' && chunk.isWhole);
  const isHeading = !head.some(({ kind }) => working.has(kind));
  const hasOther = head.some(({ kind }) => kind !== 'pot' && kind !== 'quiet');
  return path.map((chunk, index): Chunk => {
    const isColour = index < colon && chunk.kind === 'pot' && !chunk.isWhole;
    if (!isColour || !isNamedBehind || (isHeading && !hasOther)) return chunk;
    const { from, to, length, text, score } = chunk;
    return { kind: 'unknown', from, to, length, text, score };
  });
}
