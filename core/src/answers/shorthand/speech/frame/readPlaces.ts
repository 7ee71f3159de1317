import { bands, type Band } from '../../../../written/place/bands';
import { meaningOf, type Chunk, type ChunkKind } from '../chunk';
import type { Cursor } from './cursor';
import type { Frame } from './frame';

const overWords: readonly ChunkKind[] = ['quiet', 'on', 'in', 'of', 'only', 'below', 'body'];
/** Kinds of words at which a “not” ends. */
const endsNot = new Set<ChunkKind>(['comma', 'then', 'technique', 'plus', 'coats']);

/** Where a line goes, and where it does not. @returns chunks that were used; 0 where nothing is said */
export function readPlace(cursor: Cursor, frame: Frame): number {
  const { chunk } = cursor;
  if (!chunk) return 0;
  if (chunk.kind === 'not') return readNot(cursor, frame);
  if (chunk.kind === 'collects') return readCollects(cursor, frame);
  if (chunk.kind === 'aside') return readAside(cursor, frame);
  if (chunk.kind === 'upTo') return readUpTo(cursor, frame);
  if (chunk.kind === 'from') return readFrom(cursor, frame);
  if (chunk.kind === 'place') return readBand(cursor, frame);
  if (chunk.kind === 'fold') {
    const before = cursor.peek(-1)?.kind;
    frame.fold = before === 'in' ? 'in' : before === 'on' ? 'on' : 'said';
    return 1;
  }
  if (chunk.kind === 'side') {
    const side = meaningOf(chunk, 'side');
    if (side) frame.sides.push({ side: side.side, ...(side.isWeak && { isWeak: true as const }) });
    return 1;
  }
  if (chunk.kind === 'all') {
    frame.all = true;
    return 1;
  }
  if (chunk.kind === 'spot') {
    frame.spotId ??= chunk.spotId;
    return 1;
  }
  return 0;
}

const bandOf = (chunk: Chunk | undefined): Band | null => meaningOf(chunk, 'place')?.band ?? null;

function readBand(cursor: Cursor, frame: Frame): number {
  const band = bandOf(cursor.chunk);
  if (!band) return 0;
  // “As a mid” says what it is for, and nothing of where.
  if (isOfRole(cursor)) return 1;
  askIfApart(cursor, frame, band);
  if (cursor.before(['quiet'])?.text === 'above' && band.to < 1) {
    frame.places.push({ from: Math.max(0, band.to - 0.1), to: 1 });
    return 1;
  }
  const next = cursor.peek(1)?.kind;
  if (next === 'asItIs') {
    // “Recesses left dark”
    frame.nots.push(band);
    return 2;
  }
  if (next === 'upwards') frame.places.push({ from: startOf(band), to: 1 });
  else if (next === 'downwards')
    frame.places.push({ from: 0, to: band.to === 1 ? startOf(band) + 0.15 : band.to });
  else frame.places.push(band);
  return next === 'upwards' || next === 'downwards' ? 2 : 1;
}

const isOfRole = ({ chunk, chunks, at }: Cursor) =>
  /^(?:mid|mids|mid-?\s?tone|midtone|highlight|shadow)$/u.test(chunk?.text ?? '') &&
  /^(?:as|as a|as the|a|the)$/u.test(chunks.at(at - 1)?.text ?? '') &&
  chunks.slice(Math.max(0, at - 2), at).some(({ text }) => /^as\b/u.test(text)) &&
  chunks.some(({ kind }, index) => index !== at && isPlaceKind.has(kind));
const isPlaceKind = new Set<ChunkKind>(['place', 'side', 'all', 'fold', 'spot', 'shareEnd']);

/** Where a place begins: hollows end where others begin. */
const startOf = ({ from, to }: Band) => (from > 0 ? from : Math.max(0, to - 0.1));

/** “Leave the recesses dark”, “not in the creases”, “everywhere but the edges”. */
function readNot(cursor: Cursor, frame: Frame): number {
  // “Keep slate off the raised bits” is painted with slate.
  const isKeptOff = cursor.peek(1)?.kind === 'pot' && cursor.peek(2)?.kind === 'not';
  if (isKeptOff && /^(?:keep|keeping)$/u.test(cursor.chunk?.text ?? '')) return 1;
  let by = 1;
  let isSaid = false;
  let isKept = false;
  const from = cursor.chunk?.from ?? 0;
  const text = cursor.chunk?.text ?? '';
  for (; cursor.peek(by); by++) {
    const chunk = cursor.peek(by) as Chunk;
    // “Leave the wash in the creases” names what is there.
    const isThere =
      chunk.kind === 'technique' &&
      (cursor.peek(by - 1)?.kind === 'quiet' || /^(?:leav|keep)/u.test(text));
    if (endsNot.has(chunk.kind) && !isThere) break;
    // “Everything but the recesses gets rush brown”
    const isLeft = /^leav/u.test(text);
    if (isSaid && isPaintBegun(chunk.kind) && !(isLeft && chunk.kind === 'pot')) break;
    const band = bandOf(chunk);
    const side = meaningOf(chunk, 'side');
    if (band) frame.nots.push(band);
    else if (side) frame.notSides.push(side.side);
    else if (chunk.kind === 'fold') frame.nots.push(bands.recess);
    else if (chunk.kind === 'pot' || chunk.kind === 'mixAbove') isKept = true;
    if (band || side || chunk.kind === 'fold') isSaid = true;
  }
  if (/^(every|all|any)/u.test(text)) frame.all = true;
  // “Leave about half the slate showing”: how dense it is, and nothing of where.
  const isShown = cursor.chunks
    .slice(cursor.at, cursor.at + by)
    .some(({ kind }) => kind === 'asItIs');
  const share = cursor.chunks
    .slice(cursor.at, cursor.at + by)
    .map((chunk) => meaningOf(chunk, 'fraction')?.share)
    .find((each) => each !== undefined);
  // “Leave a third of the brown showing”: the rest is from there up.
  if (!isSaid && isKept && isShown && share !== undefined && saysRest(cursor))
    frame.nots.push({ from: 0, to: share + 0.03 });
  else if (!isSaid && isKept && isShown) frame.sparser = true;
  if (!isSaid) frame.notes.push({ from, to: cursor.peek(by - 1)?.to ?? from });
  frame.asides.push({ from, to: cursor.peek(by - 1)?.to ?? from });
  return by;
}

const isPaintBegun = (kind: ChunkKind) =>
  ['pot', 'amount', 'number', 'mixAbove', 'ratio', 'percent', 'fraction'].includes(kind);

/** “Let it run into the gaps”: where it goes by itself, and where it is put only if nothing else is said. */
function readCollects(cursor: Cursor, frame: Frame): number {
  const found = cursor.next(1, overWords);
  const band = found?.chunk.kind === 'fold' ? bands.recess : bandOf(found?.chunk);
  if (!found || !band) return 1;
  frame.collects.push(band);
  return found.by + 1;
}

/** A reason, or what is wiped off again: told beside the line, up to the next comma. */
function readAside(cursor: Cursor, frame: Frame): number {
  let by = 1;
  while (cursor.peek(by) && !['comma', 'then'].includes(cursor.peek(by)?.kind ?? '')) by++;
  const from = cursor.chunk?.from ?? 0;
  frame.notes.push({ from, to: cursor.peek(by - 1)?.to ?? from });
  frame.asides.push({ from, to: cursor.peek(by - 1)?.to ?? from });
  return by;
}

/** “Up to the edge”: it stops below it. */
function readUpTo(cursor: Cursor, frame: Frame): number {
  const found = cursor.next(1, overWords);
  const band = found?.chunk.kind === 'fold' ? bands.recess : bandOf(found?.chunk);
  if (!found || !band) return 1;
  // “Stop before the folds” keeps out of them.
  if (band.from <= 0 && /stop|short/u.test(cursor.chunk?.text ?? '')) {
    frame.nots.push(band);
    return found.by + 1;
  }
  frame.upTo = band.from > 0 ? band.from : band.to;
  return found.by + 1;
}

/** “From the shadows up”, “from mid to the edges”. */
function readFrom(cursor: Cursor, frame: Frame): number {
  const found = cursor.next(1, overWords);
  const band = bandOf(found?.chunk);
  if (!found || !band) return 1;
  const after = cursor.next(found.by + 1, ['quiet']);
  const to = after && cursor.next(after.by + 1, ['quiet']);
  // “From the shadow down to the pit”
  const isWayOnly =
    (after?.chunk.kind === 'downwards' || after?.chunk.kind === 'upwards') &&
    (to?.chunk.kind === 'to' || to?.chunk.kind === 'upTo');
  const next = isWayOnly ? to : after;
  const isInto = /^into(?: the)?$/u.test(next?.chunk.text ?? '');
  if (next && (next.chunk.kind === 'to' || next.chunk.kind === 'upTo' || isInto)) {
    const end = cursor.next(next.by + 1, overWords);
    const other = bandOf(end?.chunk);
    if (end && other) {
      // “From the shadow down to the pit”: both begin at the pit.
      if (band.from === 0 && other.from === 0) {
        frame.places.push({ from: 0, to: Math.max(band.to, other.to) });
        return end.by + 1;
      }
      // “From the middle into the shadow” ends in it.
      if (other.from === 0) {
        frame.places.push({ from: 0, to: band.to });
        return end.by + 1;
      }
      const [low, high] = band.from <= other.from ? [band, other] : [other, band];
      frame.places.push({
        from: low.from > 0 ? low.from : startOf(low),
        to: high.to < 1 ? high.to : Math.min(1, high.from + 0.08),
      });
      return end.by + 1;
    }
  }
  if (next?.chunk.kind === 'downwards') {
    frame.places.push({ from: 0, to: band.to });
    return next.by + 1;
  }
  if (next?.chunk.kind === 'upwards') {
    frame.places.push({ from: startOf(band), to: 1 });
    return next.by + 1;
  }
  frame.places.push({ from: startOf(band), to: 1 });
  return found.by + 1;
}

const saysRest = ({ chunks }: Cursor) => chunks.some(({ text }) => /\brest$/u.test(text));

/** Where a line goes whose words say where it does not. */
export function without(place: Band, nots: readonly Band[]): Band {
  let { from, to } = place;
  for (const not of nots) {
    const isLow = not.from <= 0;
    if (isLow) from = Math.max(from, not.to <= bands.deepest.to ? 0.1 : not.to - 0.03);
    else if (not.to >= 1) to = Math.min(to, not.from - 0.02);
    else if (place.from >= not.from) from = Math.max(from, not.to);
  }
  return from < to ? { from, to } : place;
}

/** Two places far from each other are two lines, or one of them is told beside it: it is asked. */
function askIfApart({ chunk }: Cursor, frame: Frame, { from, to }: Band): void {
  const isApart = frame.places.some(
    (band) => (band.from > 0.5 && to < 0.5) || (band.to < 0.5 && from > 0.5),
  );
  if (isApart && chunk)
    frame.marks.push({
      from: chunk.from,
      to: chunk.to,
      message: 'is another place: a line for each?',
    });
}
