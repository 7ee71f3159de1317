import type { Beside } from '../../said';
import type { Cursor } from './cursor';
import type { Frame } from './frame';
import { readFraction, readPercent, readShareList } from './readShares';
import { isMixable, putIntoAbove, readMixable } from './readPaints';

/** Reads figures: parts, percent, coats, shares, ratios. @returns chunks that were used; 0 where nothing is said */
export function readFigure(cursor: Cursor, frame: Frame, beside: Beside): number {
  const number = cursor.meaning('number');
  if (number)
    return (
      readMinutes(cursor, frame, number.value) ||
      readCoats(cursor, frame, number.value) ||
      readShareList(cursor, frame) ||
      readPercent(cursor, frame, number.value, beside) ||
      readNumberRatio(cursor, frame, number.value, beside) ||
      readParts(cursor, frame, number.value, beside)
    );
  const fraction = cursor.meaning('fraction');
  if (fraction) return readFraction(cursor, frame, fraction.share, beside);
  const amount = cursor.meaning('amount');
  const last = frame.paints.at(-1);
  // “With straw, half as much”: of the paint before it.
  if (
    amount &&
    /as much/u.test(cursor.chunk?.text ?? '') &&
    last &&
    last.parts === undefined &&
    !isBeforePaint(cursor)
  ) {
    last.parts = amount.parts;
    return 1;
  }
  if (
    amount &&
    /more$/u.test(cursor.chunk?.text ?? '') &&
    isMixable(cursor.next(1, ['quiet', 'of'])?.chunk)
  )
    return readAdded(cursor, frame, amount.parts, beside);
  if (amount)
    return (
      readMixable(
        cursor,
        frame,
        {
          parts: amount.parts,
          isAmount: true,
          ...(/\b(?:dots?|specks?|spots)\b/u.test(cursor.chunk?.text ?? '') && {
            isDot: true as const,
          }),
        },
        1,
        beside,
      ) || 1
    );
  return 0;
}

const isBeforePaint = (cursor: Cursor) => isMixable(cursor.next(1, ['quiet', 'of'])?.chunk);

/** “Dry 20 min”, “let it dry an hour”. */
function readMinutes(cursor: Cursor, frame: Frame, value: number): number {
  const unit = cursor.meaning('minutes', 1);
  if (!unit) return 0;
  const isDrying =
    cursor.before(['quiet'])?.kind === 'dry' ||
    cursor.next(2, ['quiet', 'to'])?.chunk.kind === 'dry';
  // Waiting before what is said is the drying of the line above.
  if (isDrying && (frame.paints.length > 0 || frame.technique !== undefined))
    frame.dryMinutes = value * unit.minutes;
  return 2;
}

/** “A bit more bone”: into the mix above, or into what was said before. */
function readAdded(cursor: Cursor, frame: Frame, parts: number, beside: Beside): number {
  const found = cursor.next(1, ['quiet', 'of']);
  if (found?.chunk.kind === 'pot') {
    const isCompared = cursor.peek(found.by + 1)?.text === 'than';
    if (frame.paints.length > 0) frame.addedFrom ??= frame.paints.length;
    // “A bit more brow than tallow” is a mix of the two.
    else if (isCompared) return readMixable(cursor, frame, { parts: 1.5 }, 1, beside) || 1;
    else putIntoAbove(frame, beside, found.chunk);
  }
  if (found?.chunk.kind === 'water') {
    frame.thinner = true;
    return found.by + 1;
  }
  return readMixable(cursor, frame, { parts, isAmount: true }, 1, beside) || 1;
}

/** “2 coats”, “three or four thin coats”, “2 to 3 passes”, “two washes”, “3x”. */
function readCoats(cursor: Cursor, frame: Frame, first: number): number {
  let by = 1;
  let second: number | undefined;
  const joint = cursor.peek(by)?.kind;
  const other = cursor.meaning('number', by + 1);
  if (other && (joint === 'to' || joint === 'or' || joint === 'dash')) {
    second = other.value;
    by += 2;
  }
  // “Build it up in three”
  const isAlone = !cursor.peek(by) || cursor.peek(by)?.kind === 'comma';
  const isBuiltUp =
    cursor.peek(-1)?.kind === 'in' &&
    /buil[dt]|done|do it/u.test(
      cursor.chunks
        .slice(0, cursor.at)
        .map(({ text }) => text)
        .join(' '),
    );
  if (isAlone && isBuiltUp) {
    setCoats(frame, first, second);
    return by;
  }
  const between = ['quiet', 'thin', 'soft', 'more'] as const;
  const found = cursor.next(by, [...between]);
  if (!found) return 0;
  const { chunk } = found;
  const technique = cursor.meaning('technique', found.by);
  const isMany =
    technique && /s(?: of(?: it)?)?$/u.test(technique.word) && !/ss$/u.test(technique.word);
  const isTimes = chunk.kind === 'times' && found.by === by;
  if (chunk.kind !== 'coats' && !(isMany && first > 1) && !isTimes) return 0;
  // “2 coats”, but “gull white 2 coat black”: a pot’s figure is read where a pot follows.
  if (second !== undefined && second < first && joint === 'to')
    frame.marks.push({
      from: cursor.chunk?.from ?? 0,
      to: chunk.to,
      message: 'more coats at the most than at the least',
    });
  setCoats(frame, first, second);
  // Words in between are read by themselves, as “thin” in “two thin coats” thins.
  const passed = cursor.chunks.slice(cursor.at + by, cursor.at + found.by);
  for (const each of passed)
    if (each.kind === 'thin' && frame.water === undefined && 'meaning' in each)
      frame.water = (each.meaning as { water: number }).water;
  return isMany && chunk.kind !== 'coats' ? found.by : found.by + 1;
}

function setCoats(frame: Frame, first: number, second?: number): void {
  frame.coats = first;
  if (second !== undefined && second > first) frame.coatsUpTo = second;
}

/** “1 to 4”, “two of the mix to one”. */
function readNumberRatio(cursor: Cursor, frame: Frame, first: number, beside: Beside): number {
  const to = cursor.next(1, ['unit', 'quiet']);
  const second = to?.chunk.kind === 'to' && cursor.meaning('number', to.by + 1);
  if (to && second) {
    const after = cursor.next(to.by + 2, ['unit', 'quiet', 'of', 'with']);
    const thinner =
      after && (after.chunk.kind === 'water' || after.chunk.kind === 'medium')
        ? after.chunk.kind
        : undefined;
    frame.ratios.push({
      parts: [first, second.value],
      span: { from: cursor.chunk?.from ?? 0, to: cursor.peek(to.by + 1)?.to ?? 0 },
      ...(thinner && { thinner }),
    });
    return to.by + 2;
  }
  const source = cursor.next(1, ['of', 'quiet', 'unit']);
  if (!source || !isMixable(source.chunk)) return 0;
  const joint = cursor.next(source.by + 1, ['quiet']);
  const last =
    joint?.chunk.kind === 'to' ? cursor.next(joint.by + 1, ['quiet', 'unit', 'of']) : null;
  const value = last && cursor.meaning('number', last.by);
  if (!last || !value) return 0;
  const other = cursor.next(last.by + 1, ['quiet', 'unit', 'of']);
  const isOther = other !== null && isMixable(other.chunk);
  // “2 water to 1 paint” says how far it is thinned.
  const thinner = source.chunk.kind;
  if (thinner === 'water' || thinner === 'medium') {
    frame[thinner] = first / (value.value || 1);
    return isOther ? other.by + 1 : last.by + 1;
  }
  readMixable(cursor, frame, { parts: first }, 1, beside);
  if (isOther) return readMixable(cursor, frame, { parts: value.value }, last.by + 1, beside);
  // The one is the other paint of the line, said before.
  const unsaid = frame.paints.find(({ parts, line }) => parts === undefined && line === undefined);
  if (unsaid) unsaid.parts = value.value;
  return last.by + 1;
}

/** “2 parts ochre”; “gull white 2”, where a figure follows each pot. */
function readParts(cursor: Cursor, frame: Frame, value: number, beside: Beside): number {
  const before = cursor.before();
  const last = frame.paints.at(-1);
  const isAfterPot =
    before?.kind === 'pot' && last?.parts === undefined && cursor.peek(-1)?.kind === 'pot';
  const pots = cursor.chunks.filter(({ kind }) => kind === 'pot').length;
  const numbers = cursor.chunks.filter(({ kind }) => kind === 'number').length;
  const startsWithPot =
    cursor.chunks.find(({ kind }) => kind === 'pot' || kind === 'number')?.kind === 'pot';
  const hasThinner = cursor.chunks.some(({ kind }) => kind === 'water' || kind === 'medium');
  if (
    isAfterPot &&
    startsWithPot &&
    last &&
    numbers >= pots &&
    (pots > 1 || (hasThinner && numbers > 1))
  ) {
    last.parts = value;
    return 1;
  }
  return (
    readPartsAfter(cursor, frame, value) || readMixable(cursor, frame, { parts: value }, 1, beside)
  );
}

/** “Frost pool 1 part, water 2 parts” */
function readPartsAfter(cursor: Cursor, frame: Frame, value: number): number {
  // “Medium 2, water 2”
  const thinner = cursor.peek(-1)?.kind;
  const isFree = !isMixable(cursor.peek(1)) && cursor.peek(1)?.kind !== 'unit';
  if (isFree && (thinner === 'water' || thinner === 'medium')) {
    frame[thinner] = value;
    frame.countedThinner = thinner;
    delete frame[thinner === 'water' ? 'waterSaid' : 'mediumSaid'];
    return 1;
  }
  if (cursor.peek(1)?.kind !== 'unit') return 0;
  const next = cursor.next(2, ['quiet', 'of']);
  if (next && isMixable(next.chunk)) return 0;
  const before = cursor.before(['quiet']);
  const last = frame.paints.at(-1);
  if (before?.kind === 'pot' && last && last.parts === undefined) last.parts = value;
  else if (before?.kind === 'water' || before?.kind === 'medium') {
    frame[before.kind] = value;
    frame.countedThinner = before.kind;
  } else return 0;
  return 2;
}
