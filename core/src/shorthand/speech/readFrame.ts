import type { Beside } from '../said';
import type { Chunk } from './chunk';
import { Cursor } from './cursor';
import { emptyFrame, type Frame } from './frame';
import { readFigure } from './readFigures';
import { readMix } from './readMix';
import { readPlace } from './readPlaces';
import { readWay } from './readWay';

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
