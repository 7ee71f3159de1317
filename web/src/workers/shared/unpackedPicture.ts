import { PictureError } from '@yellow-ledger/core';

/** @throws PictureError where the browser can make no picture of it */
export async function unpacked(bytes: Blob, called: string): Promise<ImageBitmap> {
  try {
    return await createImageBitmap(bytes, { imageOrientation: 'from-image' });
  } catch {
    throw new PictureError(`${called} is damaged: this browser can make no picture of it.`);
  }
}

export function drawingOf(width: number, height: number): OffscreenCanvasRenderingContext2D {
  const drawing = new OffscreenCanvas(width, height).getContext('2d', {
    willReadFrequently: true,
  });
  if (!drawing) throw new PictureError('This browser has no room to draw the picture.');
  return drawing;
}
