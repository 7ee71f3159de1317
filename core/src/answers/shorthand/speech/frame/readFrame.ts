import type { Beside } from '../../said';
import type { Chunk } from '../chunk';
import { Cursor } from './cursor';
import { emptyFrame, type Frame } from './frame';
import { readBetween } from './readBetween';
import { readFigure } from './readFigures';
import { readMix } from './readMix';
import { readPlace } from './readPlaces';
import { readWay } from './readWay';

/** Reads the words of one line. */
export function readFrame(chunks: readonly Chunk[], beside: Beside): Frame {
  const frame = emptyFrame();
  const cursor = new Cursor(chunks);
  while (cursor.chunk) {
    const used =
      readBetween(cursor, frame, beside) ||
      readFigure(cursor, frame, beside) ||
      readPlace(cursor, frame) ||
      readMix(cursor, frame, beside) ||
      readWay(cursor, frame, beside) ||
      passOver(cursor, frame);
    cursor.at += used;
  }
  return frame;
}

/** A figure nothing was made of matters all the same: it is asked about. */
function passOver({ chunk, chunks, at }: Cursor, frame: Frame): number {
  const isFigure =
    chunk?.kind === 'number' && !/^(?:one|(?:a )?(?:couple|pair)(?: of)?)$/u.test(chunk.text);
  const isOfAngle =
    /^(?:°|degrees?|o'clock|times?|st|nd|rd|th|things?)$/u.test(chunks.at(at + 1)?.text ?? '') ||
    chunks.at(at - 1)?.text === 'at';
  const isOrdinal = chunks.at(at - 1)?.kind === 'stage' || chunks.at(at - 1)?.kind === 'line';
  if (isFigure && !isOfAngle && !isOrdinal)
    frame.marks.push({ from: chunk.from, to: chunk.to, message: 'is a figure of what?' });
  return 1;
}
