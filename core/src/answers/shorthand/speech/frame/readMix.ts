import type { Beside } from '../../said';
import { meaningOf, type Chunk } from '../chunk';
import type { Cursor } from './cursor';
import type { Frame } from './frame';
import { readCarried, readLess, readLineNamed, readMore } from './readCarried';
import { takeMixable } from './readPaints';
import { readTowards } from '../towards';

/** Pots, ratios, thinner and what is carried on from above. */
export function readMix(cursor: Cursor, frame: Frame, beside: Beside): number {
  const { chunk } = cursor;
  if (!chunk) return 0;
  switch (chunk.kind) {
    case 'pot':
      return readPot(cursor, frame, chunk, beside);
    case 'ratio':
      return readRatio(cursor, frame, chunk.parts);
    case 'evenly':
      frame.isEven = true;
      return 1;
    case 'water':
    case 'medium':
      takeMixable(chunk, frame, {}, beside);
      return 1;
    case 'thin': {
      const thin = meaningOf(chunk, 'thin');
      if (/glaze/u.test(chunk.text)) frame.isGlazeThin = true;
      if (thin && (frame.water === undefined || thin.water > frame.water)) {
        frame.water = thin.water;
        frame.rough.push({
          from: chunk.from,
          to: chunk.to,
          means: `taken as about 1 : ${thin.water} water`,
        });
      }
      return 1;
    }
    case 'neat':
      frame.neat = meaningOf(chunk, 'neat')?.isWeak ? (frame.neat ?? 'weak') : 'said';
      return 1;
    case 'thinner':
      frame.thinner = true;
      return 1;
    case 'plus': {
      // “The same as line 2 + 1 bone”
      // “+ straw 2:1” under another line
      const isBeginning =
        cursor.before(['quiet', 'comma']) === undefined && beside.above.length > 0;
      if ((frame.same || isBeginning) && frame.paints.length === 0) frame.intoAbove = true;
      return 1;
    }
    case 'less':
      return readLess(cursor, frame, beside);
    case 'more':
      return readMore(cursor, frame, beside);
    case 'add':
      // “Darken the recesses with peat”: what is darkened is the place, and no mix.
      if (isOfPlace(cursor)) return 1;
      if (frame.paints.length > 0) frame.addedFrom ??= frame.paints.length;
      else frame.intoAbove = true;
      return 1;
    case 'intoIt':
      // “Rosehip with a little base in it”: into the rosehip.
      if (
        frame.paints.every(
          (paint) => paint.isAmount !== undefined || /that|mix|this/u.test(chunk.text),
        )
      )
        frame.intoAbove = true;
      return 1;
    case 'mixAbove':
    case 'baseMix':
      return readCarried(cursor, frame, chunk, beside);
    case 'line':
      return readLineNamed(cursor, frame, beside);
    default:
      return 0;
  }
}

function readPot(
  cursor: Cursor,
  frame: Frame,
  chunk: Chunk & { kind: 'pot' },
  beside: Beside,
): number {
  if (readTowards(cursor, frame, chunk)) return 1;
  const [before, next] = [cursor.before(['quiet', 'of']), cursor.peek(1)];
  const isOfMix = next?.kind === 'mixAbove' && /^mix/u.test(next.text);
  // “The ochre mix” is a mix that was made; “a peat and coot mix” is one to be made.
  if (isOfMix && frame.paints.length === 0 && !/^an?$/u.test(cursor.peek(-1)?.text ?? '')) return 1;
  // “Fair brow alone” is painted by itself; “leave the brow alone” is not painted.
  const isAlone = next?.text === 'alone' && !chunks(cursor).some(({ kind }) => kind === 'not');
  const isBelow =
    (next?.kind === 'asItIs' && !isAlone) ||
    isInsteadOf(cursor) ||
    (before?.kind === 'below' && (frame.paints.length > 0 || hasPotAfter(cursor)));
  // A pot that shows through or lies below is not painted now.
  if (isBelow && isInsteadOf(cursor)) frame.insteadOf = chunk.pots;
  if (isBelow) {
    frame.notes.push({ from: before?.from ?? chunk.from, to: chunk.to });
    return next?.kind === 'asItIs' ? 2 : 1;
  }
  if (frame.paints.length > 0 && !isJoined(cursor))
    frame.marks.push({
      from: chunk.from,
      to: chunk.to,
      message: 'are these mixed? say “+” between them',
    });
  takeMixable(chunk, frame, {}, beside);
  return isOfMix ? 2 : 1;
}

const chunks = ({ chunks: all, at }: Cursor) => all.slice(0, at);

/** Whether what is darkened or lightened is a place; “the edge highlight” is a line. */
function isOfPlace(cursor: Cursor): boolean {
  const found = cursor.next(1, ['quiet']);
  const after = found && cursor.peek(found.by + 1)?.kind;
  return (
    /^(?:place|fold|side|body)$/u.test(found?.chunk.kind ?? '') &&
    !/^(?:stage|technique|mixAbove)$/u.test(after ?? '')
  );
}

/** Whether the thinner before a ratio was said after a pot: “rust and water 1:2”. */
const isNamedSecond = ({ chunks, at }: Cursor): boolean => {
  const [pot, joint] = chunks.slice(Math.max(0, at - 3), at - 1);
  return pot?.kind === 'pot' && (joint?.kind === 'and' || joint?.kind === 'plus');
};

/** “Instead of sloe”, “rather than black”: what is not used. */
function isInsteadOf(cursor: Cursor): boolean {
  const [one, other] = [cursor.peek(-1), cursor.peek(-2)];
  const words = [other?.text, one?.text].join(' ');
  return /(?:instead of|rather than|in place of|instead)$/u.test(words);
}

const joins = new Set<Chunk['kind']>([
  'plus',
  'and',
  'with',
  'or',
  'amount',
  'number',
  'fraction',
  'percent',
  'add',
  'in',
  'more',
  'evenly',
  'of',
  'to',
  'less',
]);

/** Whether a pot is mixed with the one before it: what stands between them says so, or a ratio is of both. */
function isJoined({ chunks, at }: Cursor): boolean {
  const before = chunks
    .slice(0, at)
    .findLastIndex(({ kind }, index) => kind === 'pot' && chunks.at(index - 1)?.kind !== 'not');
  if (before < 0) return true;
  const between = chunks.slice(before + 1, at);
  if (between.some(({ kind }) => kind === 'technique' || kind === 'stage'))
    return between.some(({ kind }) => kind === 'plus' || kind === 'and' || kind === 'with');
  const pots = chunks.filter(({ kind }) => kind === 'pot').length;
  const isList = pots > 2 && between.some(({ kind }) => kind === 'comma');
  const isCounted = chunks.some(
    ({ kind }, index) =>
      (kind === 'ratio' && !isOfThinner(chunks, index)) ||
      kind === 'evenly' ||
      kind === 'percent' ||
      kind === 'number',
  );
  return (
    between.some(({ kind }, index) => joins.has(kind) && !isThinner(between.at(index + 1)?.kind)) ||
    isList ||
    isCounted ||
    chunks.some(({ text, kind }) => kind === 'mixAbove' && /mix/u.test(text))
  );
}

/** Whether a ratio is told of water or medium: “2:1 with water”. */
const isOfThinner = (chunks: readonly Chunk[], at: number) =>
  [-2, -1, 1, 2].some((by) => isThinner(chunks.at(at + by)?.kind));

const isThinner = (kind: Chunk['kind'] | undefined) => kind === 'water' || kind === 'medium';

const hasPotAfter = ({ chunks, at }: Cursor) =>
  chunks.slice(at + 1).some(({ kind }) => kind === 'pot');

function readRatio(cursor: Cursor, frame: Frame, parts: readonly number[]): number {
  const span = { from: cursor.chunk?.from ?? 0, to: cursor.chunk?.to ?? 0 };
  const after = cursor.next(1, ['quiet', 'of', 'with', 'thinned', 'unit']);
  const before = cursor.before(['quiet', 'of', 'with', 'colon']);
  const thinnerIn = (chunk: Chunk | undefined): 'water' | 'medium' | undefined => {
    if (chunk?.kind === 'water' || chunk?.kind === 'medium') return chunk.kind;
    const isPotOfMedium =
      chunk?.kind === 'pot' && chunk.pots.every(({ kind }) => kind === 'medium');
    if (isPotOfMedium) return 'medium';
    return chunk?.kind === 'thin' && /water/u.test(chunk.text) ? 'water' : undefined;
  };
  const [first, last] = [thinnerIn(before), thinnerIn(after?.chunk)];
  const isAfter = last !== undefined && after !== null;
  frame.ratios.push({
    parts,
    span,
    ...((first ?? last) && { thinner: (isAfter ? last : first) as 'water' | 'medium' }),
    // “Rust and water 1:2” names the paint first.
    ...(first && !last && !isNamedSecond(cursor) && { isThinnerFirst: true as const }),
  });
  if (isAfter) return after.by + 1;
  return 1;
}
