import type { Beside } from '../../said';
import { meaningOf, type Chunk } from '../chunk';
import type { Cursor } from './cursor';
import type { Frame } from './frame';

/** The numbers of the two lines said after “between”, and how many chunks say them; null where none are. */
export function betweenLines(
  chunks: readonly Chunk[],
  at: number,
): { numbers: number[]; length: number } | null {
  if (!/^(?:in )?between(?: the)?$/u.test(chunks.at(at)?.text ?? '')) return null;
  const numbers: number[] = [];
  let length = 1;
  for (; numbers.length < 2; length++) {
    const chunk = chunks[at + length] as Chunk | undefined;
    const number = meaningOf(chunk, 'number');
    if (number) numbers.push(number.value);
    else if (!/^(?:line|quiet|and)$/u.test(chunk?.kind ?? '')) return null;
  }
  return { numbers, length };
}

/**
 * “Half a step between 3 and 4”, “the difference between lines 1 and 2”: half of each mix.
 *
 * @returns chunks that were used; 0 where no two lines are named
 */
export function readBetween(
  cursor: Cursor,
  frame: Frame,
  { above, uncounted = 0 }: Beside,
): number {
  const between = betweenLines(cursor.chunks, cursor.at);
  if (!between) return 0;
  const { numbers, length } = between;
  const lines = numbers.map((number) => number + uncounted);
  const span = { from: cursor.chunk?.from ?? 0, to: cursor.peek(length - 1)?.to ?? 0 };
  if (lines.every((line) => line > 0 && (above.at(line - 1)?.mix.parts.length ?? 0) > 0)) {
    for (const line of lines) frame.paints.push({ pots: [], line, isWhole: true, span, parts: 1 });
    frame.rough.push({ ...span, means: 'half of each mix' });
  } else {
    const most = above.length - uncounted;
    frame.marks.push({
      ...span,
      message:
        most < 2
          ? 'there are no two lines above this one'
          : `two lines above this one, 1 to ${most}`,
    });
  }
  return length;
}
