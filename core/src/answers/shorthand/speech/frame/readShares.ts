import type { Beside } from '../../said';
import type { Cursor } from './cursor';
import type { Frame } from './frame';
import { isMixable, readMixable } from './readPaints';

/** “60, then 40, then 20 percent”. */
export function readShareList(cursor: Cursor, frame: Frame): number {
  const shares: number[] = [];
  let by = 0;
  for (;;) {
    const number = cursor.meaning('number', by);
    if (!number) return 0;
    shares.push(number.value / 100);
    by++;
    if (cursor.peek(by)?.kind === 'percent') by++;
    let joint = 0;
    while (['comma', 'then', 'and', 'dash'].includes(cursor.peek(by + joint)?.kind ?? '')) joint++;
    if (joint === 0 || !cursor.meaning('number', by + joint)) break;
    by += joint;
  }
  const isPercent = cursor.chunks
    .slice(cursor.at, cursor.at + by + 1)
    .some(({ kind }) => kind === 'percent');
  const isFalling = shares.every((share, index) => index === 0 || share < shares[index - 1]);
  if (
    shares.length < 2 ||
    !isPercent ||
    !isFalling ||
    isMixable(cursor.next(by, ['quiet', 'of'])?.chunk)
  )
    return 0;
  frame.shares = shares;
  return by;
}

/** “75 % ochre”, “the top 80 %”, “80 % of it”. */
export function readPercent(cursor: Cursor, frame: Frame, value: number, beside: Beside): number {
  if (cursor.peek(1)?.kind !== 'percent') return 0;
  const mixed = readMixable(cursor, frame, { percent: value }, 2, beside);
  if (mixed) return mixed;
  // “At 20 % strength”
  if (/^strength$/u.test(cursor.next(2)?.chunk.text ?? '') && value > 0) {
    frame.water = (100 - value) / value;
    return 3;
  }
  const before = cursor.before();
  const isOfPot =
    before?.kind === 'pot' &&
    cursor.chunks.filter(({ kind }) => kind === 'percent').length > 1 &&
    frame.paints.length > 0;
  if (isOfPot) {
    frame.paints[frame.paints.length - 1].percent = value;
    return 2;
  }
  takeShare(cursor, frame, value / 100);
  return 2;
}

/** A share of the surface, from whichever end was said before it. */
function takeShare(cursor: Cursor, frame: Frame, share: number): void {
  const before = cursor.before(['quiet', 'on', 'over' as never]);
  const end =
    before?.kind === 'shareEnd' && 'meaning' in before
      ? (before.meaning as { end: string }).end
      : 'top';
  if (share <= 0 || share > 1) return;
  if (end === 'bottom') frame.bottomShare = share;
  else frame.shares = [share];
}

/** “half water”, “a third white”, “the brightest third”, “half of it”. */
export function readFraction(cursor: Cursor, frame: Frame, share: number, beside: Beside): number {
  const before = cursor.before(['quiet', 'on']);
  if (before?.kind === 'shareEnd') {
    takeShare(cursor, frame, share);
    return 1;
  }
  const isHalves = cursor.chunks.filter(({ kind }) => kind === 'fraction').length > 1;
  const next = cursor.next(1, ['of', 'quiet', 'unit']);
  if (next && (next.chunk.kind === 'water' || next.chunk.kind === 'medium')) {
    // “Half water half paint”
    const other = cursor.next(next.by + 1, ['quiet', 'and', 'comma']);
    const rest = other && cursor.meaning('fraction', other.by);
    const of = other && cursor.next(other.by + 1, ['quiet', 'of'])?.chunk;
    if (rest && of && isMixable(of)) {
      frame[next.chunk.kind] = share / rest.share;
      return of.kind === 'paint' ? other.by + 2 : other.by + 1;
    }
  }
  if (next && isMixable(next.chunk)) {
    const much =
      next.chunk.kind === 'water' || next.chunk.kind === 'medium'
        ? { parts: share }
        : isHalves
          ? { parts: share }
          : { share };
    return readMixable(cursor, frame, much, 1, beside);
  }
  const end = cursor.next(1, ['of', 'quiet'])?.chunk.kind;
  if (cursor.peek(1)?.kind === 'of' || end === 'shareEnd') takeShare(cursor, frame, share);
  return 1;
}
