import type { Beside } from '../../said';
import { meaningOf, type Chunk } from '../chunk';
import type { Cursor } from './cursor';
import type { Frame, PaintSaid } from './frame';

/** How much of a paint, water or medium is said before it. */
export interface HowMuch {
  parts?: number;
  percent?: number;
  share?: number;
  isAmount?: true;
  isDot?: true;
}

const overWords = ['quiet', 'of', 'unit', 'in', 'on'] as const;

/** Reads a part of the mix: a pot, water, medium, or the mix of a line above. */
export function isMixable(chunk: Chunk | undefined): boolean {
  return (
    chunk !== undefined &&
    ['pot', 'water', 'medium', 'paint', 'mixAbove', 'baseMix', 'line'].includes(chunk.kind)
  );
}

/** A paint, water or medium after its amount. @returns chunks that were used; 0 where there is none */
export function readMixable(
  cursor: Cursor,
  frame: Frame,
  much: HowMuch,
  from: number,
  beside: Beside,
): number {
  const found = cursor.next(from, [...overWords]);
  if (!found || !isMixable(found.chunk)) return 0;
  // “Let some heron show”: what is left to see is not what is painted.
  if (cursor.peek(found.by + 1)?.kind === 'asItIs') {
    frame.notes.push({ from: cursor.chunk?.from ?? 0, to: cursor.peek(found.by + 1)?.to ?? 0 });
    return found.by + 2;
  }
  takeMixable(found.chunk, frame, much, beside, cursor.peek(found.by + 1));
  const isLine = found.chunk.kind === 'line' && cursor.peek(found.by + 1)?.kind === 'number';
  return found.by + (isLine ? 2 : 1);
}

/** Puts the next part into the mix above; asks where there is none. */
export function putIntoAbove(frame: Frame, { above }: Beside, { from, to }: Chunk): void {
  frame.intoAbove = true;
  if (!above.some(({ mix }) => mix.parts.length > 0))
    frame.marks.push({ from, to, message: 'more than in what? there is no mix above this line' });
}

/** Puts what is mixed into the frame. */
export function takeMixable(
  chunk: Chunk,
  frame: Frame,
  much: HowMuch,
  { above, uncounted = 0 }: Beside,
  next?: Chunk,
): void {
  const span = { from: chunk.from, to: chunk.to };
  if (chunk.kind === 'water' || chunk.kind === 'medium') {
    takeThinner(chunk.kind, frame, much);
    return;
  }
  if (chunk.kind === 'paint') return;
  if (chunk.kind === 'pot') {
    if (chunk.pots.every(({ kind }) => kind === 'medium')) takeThinner('medium', frame, much);
    else frame.paints.push({ pots: chunk.pots, isWhole: chunk.isWhole, span, ...much });
    return;
  }
  const line = lineMeant(chunk, above, uncounted, next);
  if (line === null) {
    frame.marks.push({ ...span, message: 'there is no mix above this line' });
    return;
  }
  frame.paints.push({ pots: [], line, isWhole: true, span, ...much } satisfies PaintSaid);
}

/** The number of the line whose mix is meant; null where there is none. */
function lineMeant(
  chunk: Chunk,
  above: Beside['above'],
  uncounted: number,
  next: Chunk | undefined,
): number | null {
  const isMixed = (line: number) => (above.at(line - 1)?.mix.parts.length ?? 0) > 0;
  if (chunk.kind === 'line') {
    const number = (meaningOf(next, 'number')?.value ?? 0) + uncounted;
    return number > 0 && isMixed(number) ? number : null;
  }
  const named = meaningOf(chunk, 'mixAbove')?.line;
  if (named !== undefined) return isMixed(named) ? named : null;
  if (chunk.kind === 'baseMix') {
    const base = above.findIndex(({ stage }, index) => stage === 'base' && isMixed(index + 1));
    return base >= 0 ? base + 1 : null;
  }
  for (let line = above.length; line > 0; line--) if (isMixed(line)) return line;
  return null;
}

function takeThinner(thinner: 'water' | 'medium', frame: Frame, much: HowMuch): void {
  const { parts, percent, share, isAmount } = much;
  if (parts !== undefined && !isAmount) frame.countedThinner = thinner;
  const little = (parts ?? 0) >= 0.5 ? parts : 0.3;
  const amount = isAmount ? little : (parts ?? share);
  if (percent !== undefined && percent < 100) frame[thinner] = percent / (100 - percent);
  else if (amount !== undefined) frame[thinner] = amount;
  else if (thinner === 'medium') frame.mediumSaid = true;
  else frame.waterSaid = true;
}
