import type { Beside } from '../../said';
import { meaningOf } from '../chunk';
import type { Cursor } from './cursor';
import type { Frame } from './frame';

/** How it is put on, how often, and what is carried on. */
export function readWay(cursor: Cursor, frame: Frame, beside: Beside): number {
  const { chunk } = cursor;
  if (!chunk) return 0;
  switch (chunk.kind) {
    case 'technique':
      return readTechnique(cursor, frame);
    case 'stage':
      // “Highlight 2: …” is a heading; which of several it is says nothing.
      if (cursor.meaning('number', 1) && ['colon', 'dash'].includes(cursor.peek(2)?.kind ?? '')) {
        frame.stage ??= meaningOf(chunk, 'stage')?.stage;
        return 3;
      }
      frame.stage ??= meaningOf(chunk, 'stage')?.stage;
      return 1;
    case 'coats':
      // “A nice even coat”; “base coat” is a way.
      if (isOneCoat(cursor)) frame.coats ??= 1;
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
    case 'level':
      frame.level ??= meaningOf(chunk, 'level')?.level;
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
      if (/^primer$/u.test(chunk.text)) {
        frame.isPrimer = { from: chunk.from, to: chunk.to };
        return 1;
      }
      frame.notes.push({ from: chunk.from, to: chunk.to });
      return 1;
    case 'body':
      frame.notes.push({ from: chunk.from, to: chunk.to });
      return 1;
    default:
      return 0;
  }
}

/** Whether “coat” alone says that there is one. */
function isOneCoat(cursor: Cursor): boolean {
  const before = cursor.peek(-1);
  const isCounted = /^(?:each|every|second|between|per|next)$/u.test(before?.text ?? '');
  const isOfWay = before?.kind === 'technique' || before?.kind === 'stage';
  return /^coat(?: of)?$/u.test(cursor.chunk?.text ?? '') && !isCounted && !isOfWay;
}

function readTechnique(cursor: Cursor, frame: Frame): number {
  const said = cursor.meaning('technique');
  if (!said) return 1;
  const { technique, stage, word } = said;
  if (/^(?:each|all|both|every one)$/u.test(cursor.peek(-1)?.text ?? '')) frame.isOfEach = true;
  // “Glaze … in two layers”: the first way said is the way, “base” and “layer” but name it.
  const isVague = frame.technique === 'layer' || frame.technique === 'brushCoat';
  if (!frame.technique || (isVague && technique !== 'layer' && technique !== 'brushCoat')) {
    frame.technique = technique;
    frame.word = word;
  }
  if (stage) frame.stage ??= stage;
  return 1;
}
