import type { Beside, Mark, Span } from '../said';
import type { Chunk, ChunkKind } from './chunk';
import type { Frame } from './frame/frame';

/** Kinds of words that count or join paints. */
const beforePaint = new Set<ChunkKind>(['plus', 'percent', 'unit', 'amount']);
const afterName = new Set<ChunkKind>(['plus', 'ratio', 'comma', 'and', 'evenly']);

/** Words that stand where a pot is to be, though none has such a name. */
export function missingPots(frame: Frame, chunks: readonly Chunk[], beside: Beside): Mark[] {
  const marks: Mark[] = [];
  for (let at = 0; at < chunks.length; at++) {
    // “Nose + chin” is where; “moss + bone” is mixed.
    const isBodyInMix =
      chunks[at].kind === 'body' &&
      chunks.at(at + 1)?.kind === 'plus' &&
      chunks.at(at + 2)?.kind !== 'body' &&
      chunks.at(at - 1)?.kind !== 'plus';
    if (!isName(chunks[at], frame) && !isBodyInMix) continue;
    let end = at;
    while (end + 1 < chunks.length && isName(chunks[end + 1], frame)) end++;
    const first = at > 0 && isDescribing(chunks[at - 1]) ? at - 1 : at;
    const isVarnish = chunks.at(end + 1)?.kind === 'stage' && /varnish/u.test(chunks[end + 1].text);
    if (isPaintMeant(frame, chunks, first, end, beside))
      marks.push({
        from: chunks[first].from,
        to: chunks[isVarnish ? end + 1 : end].to,
        message: 'is no pot on the shelf',
        isNoPot: true,
      });
    at = end;
  }
  return marks;
}

/** “Dark fern”: a word that belongs to the name. */
const isDescribing = ({ text }: Chunk) =>
  /^(?:dark|light|pale|deep|bright|old|dull|warm|cool|mid|burnt|raw)$/u.test(text);

const isName = (chunk: Chunk, { asides }: Frame) =>
  chunk.kind === 'unknown' &&
  chunk.text !== 'primer' &&
  /\p{L}/u.test(chunk.text) &&
  !asides.some((aside: Span) => aside.from <= chunk.from && chunk.to <= aside.to);

function isPaintMeant(
  frame: Frame,
  chunks: readonly Chunk[],
  from: number,
  to: number,
  beside: Beside,
): boolean {
  const before = chunks.at(from - 1);
  const next = chunks.at(to + 1);
  const isFirst = from === 0;
  if (!isFirst && before && beforePaint.has(before.kind)) return true;
  // “2 frog teal + 1 bone”, “frog teal 1:1”
  const isCounted = !isFirst && before?.kind === 'number' && (!next || afterName.has(next.kind));
  if (isCounted || next?.kind === 'plus' || (next?.kind === 'ratio' && frame.paints.length === 0))
    return true;
  if (frame.paints.length > 0 || frame.same || frame.intoAbove) return false;
  const isOfWay =
    next?.kind === 'technique' ||
    next?.kind === 'stage' ||
    (!isFirst && (before?.kind === 'technique' || before?.kind === 'stage'));
  return isOfWay || (isFirst && beside.above.length === 0);
}
