import type { Pixels } from '@yellow-ledger/core';
import { drawingOf, unpacked } from './unpackedPicture';

/** A sheet is read with so many pixels along its longer side: ten to a millimetre are no better. */
const readSide = 2400;

/** The pixels of a photographed sheet, for reading. */
export async function pixelsOf(bytes: Blob, called: string) {
  const picture = await unpacked(bytes, called);
  const scale = Math.min(1, readSide / Math.max(picture.width, picture.height));
  const width = Math.max(1, Math.round(picture.width * scale));
  const height = Math.max(1, Math.round(picture.height * scale));
  const drawing = drawingOf(width, height);
  drawing.imageSmoothingQuality = 'high';
  drawing.drawImage(picture, 0, 0, width, height);
  picture.close();
  return { width, height, data: drawing.getImageData(0, 0, width, height).data };
}

/** A drawn picture as a file. */
export async function blobOf({ width, height, data }: Pixels): Promise<Blob> {
  const drawing = drawingOf(width, height);
  drawing.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  return await drawing.canvas.convertToBlob({ type: 'image/jpeg', quality: 0.94 });
}
