import type { Chunk } from './chunk';

/**
 * The chunks of a sentence without a heading before its colon: “tan leather look: …” is what it is
 * for. A colour before a colon is no paint where a whole name stands behind it.
 */
export function withoutHeading(path: readonly Chunk[]): Chunk[] {
  const colon = path.findIndex(({ kind }) => kind === 'colon');
  if (colon <= 0) return [...path];
  const rest = path.slice(colon);
  const isNamedBehind = rest.some((chunk) => chunk.kind === 'pot' && chunk.isWhole);
  return path.map((chunk, index): Chunk => {
    const isColour = index < colon && chunk.kind === 'pot' && !chunk.isWhole;
    if (!isColour || !isNamedBehind) return chunk;
    const { from, to, length, text, score } = chunk;
    return { kind: 'unknown', from, to, length, text, score };
  });
}
