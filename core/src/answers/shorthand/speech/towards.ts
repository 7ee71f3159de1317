import { greatestDivisor } from '../../../written/mix/greatestDivisor';
import type { Beside, Said, SaidPart } from '../said';
import type { Chunk } from './chunk';
import type { Cursor } from './frame/cursor';
import type { Frame } from './frame/frame';

const counts = /^(?:layers?|steps?|stages?|goes|coats?|mixes|passes)/u;

/** Where over how many lines a mix goes over is said: “in four steps”, “over four layers”. */
const linesCounted = (chunks: readonly Chunk[]): boolean =>
  chunks.some(
    (chunk, at) =>
      chunk.kind === 'number' &&
      counts.test(chunks.slice(at + 1).find(({ kind }) => kind !== 'quiet')?.text ?? '') &&
      !chunks.some(({ kind }) => kind === 'ratio' || kind === 'percent'),
  );

/**
 * “Kingfisher up to frost pool over four layers”: the second pot is what the mix goes over to.
 *
 * @returns chunks that were used; 0 where it is mixed in like any other
 */
export function readTowards(cursor: Cursor, frame: Frame, chunk: Chunk & { kind: 'pot' }): number {
  const before = cursor.before(['quiet']);
  const isTowards =
    before?.kind === 'upTo' ||
    before?.kind === 'to' ||
    /^(?:towards|into)$/u.test(before?.text ?? '') ||
    cursor.peek(-1)?.text === 'towards';
  if (!isTowards || frame.paints.length !== 1 || !linesCounted(cursor.chunks)) return 0;
  frame.towards = {
    pots: chunk.pots,
    isWhole: chunk.isWhole,
    span: { from: chunk.from, to: chunk.to },
  };
  return 1;
}

/** The lines of a mix that goes over to another paint in even steps, both ends among them. */
export function linesTowards(frame: Frame, said: Said, { above }: Beside): Said[] | null {
  const [start] = said.parts;
  const end = frame.towards?.pots[0];
  const count = said.coats ?? 1;
  if (!start || !end || count < 2) return null;
  const from = said.tone?.from ?? (above.length === 0 ? 0 : 0.5);
  const rises = (0.9 - from) / count;
  const { coats: _coats, last: _last, ...each } = said;
  return Array.from({ length: count }, (_, index): Said => {
    const divisor = greatestDivisor(count - 1 - index, index);
    const [first, second] = [(count - 1 - index) / divisor, index / divisor];
    const parts: SaidPart[] = [
      ...(first > 0 ? [{ ...start, parts: first }] : []),
      ...(second > 0 ? [{ potId: end.id, parts: second }] : []),
    ];
    const tone = { from: Math.round((from + index * rises) * 100) / 100, to: 1 };
    return { ...each, coats: 1, parts, tone };
  });
}
