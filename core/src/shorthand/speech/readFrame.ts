import type { Beside } from '../said';
import { meaningOf, type Chunk } from './chunk';
import { Cursor } from './cursor';
import { emptyFrame, type Frame } from './frame';
import { readFigure } from './readFigures';
import { isMixable, putIntoAbove, readMixable, takeMixable } from './readPaints';
import { readPlace } from './readPlaces';

/** What the words of one line say. */
export function readFrame(chunks: readonly Chunk[], beside: Beside): Frame {
  const frame = emptyFrame();
  const cursor = new Cursor(chunks);
  while (cursor.chunk) {
    const used =
      readFigure(cursor, frame, beside) ||
      readPlace(cursor, frame) ||
      readMix(cursor, frame, beside) ||
      readWay(cursor, frame, beside) ||
      1;
    cursor.at += used;
  }
  return frame;
}

/** Pots, ratios, thinner and what is carried on from above. */
function readMix(cursor: Cursor, frame: Frame, beside: Beside): number {
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
  const [before, next] = [cursor.before(['quiet', 'of']), cursor.peek(1)];
  const isBelow =
    next?.kind === 'asItIs' ||
    (before?.kind === 'below' && (frame.paints.length > 0 || hasPotAfter(cursor)));
  // What shows through, or lies below, is not what is painted.
  if (isBelow) {
    frame.notes.push({ from: before?.from ?? chunk.from, to: chunk.to });
    return next?.kind === 'asItIs' ? 2 : 1;
  }
  if (!isJoined(cursor))
    frame.marks.push({
      from: chunk.from,
      to: chunk.to,
      message: 'are these mixed? say “+” between them',
    });
  takeMixable(chunk, frame, {}, beside);
  return 1;
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
  const isList =
    between.some(({ kind }) => kind === 'comma') &&
    chunks.slice(at).some(({ kind }) => kind === 'and' || kind === 'comma');
  const isCounted = chunks.some(
    ({ kind }) => kind === 'ratio' || kind === 'evenly' || kind === 'percent' || kind === 'number',
  );
  return (
    between.some(({ kind }) => joins.has(kind)) ||
    isList ||
    isCounted ||
    chunks.some(({ text, kind }) => kind === 'mixAbove' && /mix/u.test(text))
  );
}

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
    ...(first && !last && { isThinnerFirst: true as const }),
  });
  if (isAfter) return after.by + 1;
  return 1;
}

/** “Less tallow”: the mix above with half as much of it. */
function readLess(cursor: Cursor, frame: Frame, beside: Beside): number {
  const found = cursor.next(1, ['quiet', 'of']);
  const parts = beside.above.at(-1)?.mix.parts ?? [];
  if (found?.chunk.kind !== 'pot') return 1;
  const { pots } = found.chunk;
  const isIn = parts.some(
    (part) => part.from === 'pot' && pots.some(({ id }) => id === part.potId),
  );
  if (!isIn) return 1;
  const span = { from: cursor.chunk?.from ?? 0, to: found.chunk.to };
  for (const part of parts) {
    if (part.from !== 'pot') continue;
    const pot = beside.names.shelf.get(part.potId);
    if (!pot) continue;
    const isIt = pots.some(({ id }) => id === pot.id);
    frame.paints.push({
      pots: [pot],
      isWhole: true,
      span,
      parts: isIt ? part.parts / 2 : part.parts,
    });
  }
  frame.rough.push({ ...span, means: 'half as much of it' });
  return found.by + 1;
}

/** “Line 2 again”, “2 parts of line 2”. */
function readLineNamed(cursor: Cursor, frame: Frame, beside: Beside): number {
  const number = cursor.meaning('number', 1);
  if (!number) return 1;
  const { uncounted = 0, above } = beside;
  const line = number.value + uncounted;
  const step = Number.isInteger(number.value) && number.value > 0 ? above.at(line - 1) : undefined;
  if (!step) {
    frame.marks.push({
      from: cursor.chunk?.from ?? 0,
      to: cursor.peek(1)?.to ?? 0,
      message:
        above.length === 0
          ? 'there is no line above this one'
          : `a line above this one, 1 to ${above.length - uncounted}`,
    });
    return 2;
  }
  if (isCarriedHere(cursor) && cursor.before(['quiet'])?.kind !== 'same')
    return readMixable(cursor, frame, {}, 0, beside);
  frame.same = true;
  frame.sameAs = line;
  return 2;
}

/** “More straw”, “even more of it”, “more water”. */
function readMore(cursor: Cursor, frame: Frame, beside: Beside): number {
  const found = cursor.next(1, ['quiet', 'of']);
  if (!found || !isMixable(found.chunk)) return 1;
  if (found.chunk.kind === 'water') frame.thinner = true;
  else if (found.chunk.kind === 'pot') {
    const than = cursor.peek(found.by + 1);
    const other = than?.text === 'than' ? cursor.next(found.by + 2) : null;
    if (other && isMixable(other.chunk)) {
      // “More tallow than rosehip”
      takeMixable(found.chunk, frame, { parts: 2 }, beside);
      takeMixable(other.chunk, frame, { parts: 1 }, beside);
      return other.by + 1;
    }
    if (frame.paints.length > 0) frame.addedFrom ??= frame.paints.length;
    else putIntoAbove(frame, beside, found.chunk);
    takeMixable(found.chunk, frame, { parts: 0.25, isAmount: true }, beside);
    frame.rough.push({
      from: cursor.chunk?.from ?? 0,
      to: found.chunk.to,
      means: 'a quarter of the mix more',
    });
  }
  return found.by + 1;
}

/** Whether a line above is named as something that is mixed. */
function isCarriedHere(cursor: Cursor): boolean {
  const before = cursor.before(['quiet', 'of']);
  return (
    before !== undefined &&
    [
      'of',
      'plus',
      'with',
      'amount',
      'number',
      'fraction',
      'more',
      'add',
      'and',
      'same',
      'often',
      'coats',
      'unit',
      'technique',
    ].includes(before.kind)
  );
}

function readCarried(cursor: Cursor, frame: Frame, chunk: Chunk, beside: Beside): number {
  const next = cursor.peek(1);
  // “Mix ochre and white”
  if (
    /^(?:the |of the )?mix$/u.test(chunk.text) &&
    next &&
    (isMixable(next) || next.kind === 'of' || next.kind === 'number')
  )
    return 1;
  if (meaningOf(chunk, 'mixAbove')?.line !== undefined) {
    takeMixable(chunk, frame, {}, beside, next);
    return 1;
  }
  const isLoose =
    /^(?:that|of that|it all|that one|this colour|(?:the )?last one|(?:the )?previous)$/u.test(
      chunk.text,
    );
  if (isLoose && !isCarriedHere(cursor)) return 1;
  if (chunk.kind === 'baseMix' && !isCarriedHere(cursor)) return 1;
  if (beside.above.length === 0) return 1;
  takeMixable(chunk, frame, {}, beside, next);
  return 1;
}

/** How it is put on, how often, and what is carried on. */
function readWay(cursor: Cursor, frame: Frame, beside: Beside): number {
  const { chunk } = cursor;
  if (!chunk) return 0;
  switch (chunk.kind) {
    case 'technique':
      return readTechnique(cursor, frame);
    case 'stage':
      frame.stage ??= meaningOf(chunk, 'stage')?.stage;
      return 1;
    case 'often':
      frame.coats ??= meaningOf(chunk, 'often')?.times;
      return 1;
    case 'times': {
      const number = cursor.meaning('number', 1);
      if (!number) return 1;
      frame.coats ??= number.value;
      return 2;
    }
    case 'manyTimes':
      frame.coats ??= 4;
      frame.coatsUpTo ??= 6;
      frame.rough.push({ from: chunk.from, to: chunk.to, means: 'taken as 4 to 6' });
      return 1;
    case 'ifNeeded':
      frame.coatsUpTo ??= (frame.coats ?? 1) + 1;
      return 1;
    case 'repeat':
      frame.isRepeated = true;
      return 1;
    case 'minutes':
      // “Let it dry an hour”
      if (cursor.before(['quiet'])?.kind === 'dry' && /^h/u.test(chunk.text)) frame.dryMinutes = 60;
      return 1;
    case 'optional':
      frame.isOptional = true;
      return 1;
    case 'smaller': {
      const isEach = meaningOf(chunk, 'smaller')?.isEach;
      if (isEach) frame.shrinks = true;
      else frame.smaller = true;
      return 1;
    }
    case 'deeper':
      frame.deeper = true;
      return 1;
    case 'sparser':
      frame.sparser = true;
      return 1;
    case 'same':
      if (beside.above.length > 0) frame.same = true;
      return 1;
    case 'tool':
      frame.tool = { ...frame.tool, ...meaningOf(chunk, 'tool')?.tool };
      return 1;
    case 'soft':
      frame.softness ??= meaningOf(chunk, 'soft')?.softness;
      return 1;
    case 'pull':
      frame.pull ??= meaningOf(chunk, 'pull')?.pull;
      return 1;
    case 'unknown':
    case 'body':
      frame.notes.push({ from: chunk.from, to: chunk.to });
      return 1;
    default:
      return 0;
  }
}

function readTechnique(cursor: Cursor, frame: Frame): number {
  const said = cursor.meaning('technique');
  if (!said) return 1;
  const { technique, stage, word } = said;
  // “Glaze … in two layers”: the first way said is the way, “base” and “layer” but name it.
  const isVague = frame.technique === 'layer' || frame.technique === 'brushCoat';
  if (!frame.technique || (isVague && technique !== 'layer' && technique !== 'brushCoat')) {
    frame.technique = technique;
    frame.word = word;
  }
  if (stage) frame.stage ??= stage;
  return 1;
}
