import type { Beside } from '../../said';
import { meaningOf, type Chunk } from '../chunk';
import type { Cursor } from './cursor';
import type { Frame } from './frame';
import { isMixable, putIntoAbove, readMixable, takeMixable } from './readPaints';

/** “Less tallow”: the mix above with half as much of it. */
export function readLess(cursor: Cursor, frame: Frame, beside: Beside): number {
  const found = cursor.next(1, ['quiet', 'of']);
  const parts = beside.above.at(-1)?.mix.parts ?? [];
  if (found?.chunk.kind !== 'pot') return 1;
  const { pots } = found.chunk;
  const isIn = parts.some(
    (part) => part.from === 'pot' && pots.some(({ id }) => id === part.potId),
  );
  if (!isIn) {
    frame.notes.push({ from: cursor.chunk?.from ?? 0, to: found.chunk.to });
    return found.by + 1;
  }
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
export function readLineNamed(cursor: Cursor, frame: Frame, beside: Beside): number {
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
  const before = cursor.before(['quiet']);
  const isMix = before?.kind === 'of' || before?.kind === 'mixAbove';
  readMixable(cursor, frame, {}, 0, beside);
  const last = frame.paints.at(-1);
  if (last && !isMix) last.isWholeLine = true;
  return 2;
}

/** “More straw”, “even more of it”, “more water”. */
export function readMore(cursor: Cursor, frame: Frame, beside: Beside): number {
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
    // “Umber and peat, more peat”
    const already = frame.paints.find((paint) => isOneOf(paint.pots, found.chunk));
    if (already && frame.paints.length > 1 && already.parts === undefined) {
      already.parts = 2;
      for (const paint of frame.paints) paint.parts ??= 1;
      return found.by + 1;
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
  // “Gosling added to the base”
  if (/^(?:added|mixed|stirred|put) /u.test(cursor.chunk?.text ?? '')) return true;
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

export function readCarried(cursor: Cursor, frame: Frame, chunk: Chunk, beside: Beside): number {
  const next = cursor.peek(1);
  // “The mix from line 1”
  const after = cursor.next(1, ['quiet', 'of', 'from']);
  if (after?.chunk.kind === 'line' && /mix/u.test(chunk.text)) return 1;
  // “Mix ochre and white”
  const mixed = cursor.next(1)?.chunk;
  if (
    /^(?:the |of the )?mix$/u.test(chunk.text) &&
    mixed &&
    (mixed.kind === 'pot' ||
      (next && (isMixable(next) || next.kind === 'of' || next.kind === 'number')))
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
  if (isLoose && (!isCarriedHere(cursor) || cursor.before(['quiet'])?.kind === 'and')) return 1;
  const isWith = /^(?:with|using|what|the colour (?:i|we)) /u.test(chunk.text);
  if (chunk.kind === 'baseMix' && !isWith && !isCarriedHere(cursor)) return 1;
  if (beside.above.length === 0) return 1;
  takeMixable(chunk, frame, {}, beside, next);
  return 1;
}

const isOneOf = (pots: readonly { id: string }[], chunk: Chunk): boolean =>
  chunk.kind === 'pot' &&
  pots.length > 0 &&
  pots.every(({ id }) => chunk.pots.some((pot) => pot.id === id));
