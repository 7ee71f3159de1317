import { crc32, deflateSync } from 'node:zlib';
import { drawForm, ribbonStops, type FormName, type LightDirection } from '@yellow-ledger/core';

const width = 800;
const height = 600;
const figure = 480;
const primer = '#b9b6ad';

/**
 * A primed figure under a lamp before a wooden table, as a photograph would show it: the sample
 * world has no camera.
 *
 * @returns a PNG
 */
export function drawnPhotograph(form: FormName, light: LightDirection): Buffer {
  const drawn = drawForm({
    shape: { form },
    view: 'front',
    size: figure,
    ribbon: { stops: ribbonStops, hexes: ribbonStops.map(() => primer) },
    light,
  });
  const left = (width - figure) / 2;
  const top = (height - figure) / 2;
  // Each row begins with how it is packed: as it is.
  const rows = Buffer.alloc(height * (1 + 3 * width));
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const from = ((y - top) * figure + x - left) * 4;
      const isFigure =
        x >= left && x < left + figure && y >= top && y < top + figure && drawn[from + 3] > 0;
      const to = y * (1 + 3 * width) + 1 + 3 * x;
      for (let channel = 0; channel < 3; channel++)
        rows[to + channel] = isFigure ? drawn[from + channel] : tableAt(x, y, channel);
    }
  return pngOf(rows);
}

/** A brown table that grows lighter towards the lamp. */
const tableAt = (x: number, y: number, channel: number): number =>
  Math.round([96, 78, 60][channel] - (24 * x) / width + (10 * y) / height);

function pngOf(rows: Buffer): Buffer {
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 2], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

function chunk(name: string, content: Buffer): Buffer {
  const named = Buffer.concat([Buffer.from(name, 'latin1'), content]);
  const around = Buffer.alloc(8);
  around.writeUInt32BE(content.length, 0);
  around.writeUInt32BE(crc32(named), 4);
  return Buffer.concat([around.subarray(0, 4), named, around.subarray(4)]);
}
