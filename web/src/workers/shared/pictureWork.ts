import {
  asKeptPicture,
  bareJpeg,
  inValues,
  keptPictureSide,
  lightField,
  lookAtPicture,
  mostKeptBytes,
  PictureError,
  refuseLarge,
  sharesInValues,
  type KeptPicture,
  type LightField,
  type LightMapSettings,
} from '@yellow-ledger/core';
import * as Comlink from 'comlink';
import { glazeCardWork } from './glazeCardWork';
import { potSheetWork } from './potSheetWork';
import { drawingOf, unpacked } from './unpackedPicture';

/** The background of a transparent picture: the neutral grey of the wells. */
const well = '#777777';
/** Enough to see brush strokes by, and a tenth of what a camera gives. */
const quality = 0.86;
const lowQuality = 0.6;
/** A picture is read for its light with so many pixels along its longer side. */
const lightSide = 560;

export interface Taken {
  kept: KeptPicture;
  bytes: Blob;
}

/** A photograph as a map of light, for showing and for pointing at. */
export interface LightRead extends LightField {
  /** RGBA, in a few greys */
  pixels: Uint8ClampedArray<ArrayBuffer>;
  /** how much lies in each of the values, the darkest first */
  shares: number[];
}

/** Work on pictures: in a worker of its own, so that no prediction waits for it. */
export const pictureWork = {
  ...potSheetWork,
  ...glazeCardWork,

  /**
   * Makes of a file what is kept of it: upright, scaled, with nothing in it but the picture.
   *
   * @returns it, or why the file cannot be taken, in a sentence
   */
  async take(file: Blob, called: string): Promise<Taken | { problem: string }> {
    try {
      refuseLarge(file.size, called);
      const bytes = new Uint8Array(await file.arrayBuffer());
      const { type } = lookAtPicture(bytes, called);
      const picture = await unpacked(new Blob([bytes], { type }), called);
      return await scaled(picture);
    } catch (error) {
      if (error instanceof PictureError) return { problem: error.message };
      // Nothing else is the file’s own fault.
      return { problem: `${called} could not be read from where it lies. Try it once more.` };
    }
  },

  /** A kept picture in greys and in values, cut out and turned about as the settings say. */
  async light(
    bytes: Blob,
    { values, steps, isFlipped, cutOut, withoutBackground }: LightMapSettings,
  ): Promise<LightRead> {
    const picture = await unpacked(bytes, 'The picture');
    const cut = cutOut ?? { left: 0, top: 0, right: 1, bottom: 1 };
    const wide = Math.max(1, Math.round((cut.right - cut.left) * picture.width));
    const high = Math.max(1, Math.round((cut.bottom - cut.top) * picture.height));
    const scale = Math.min(1, lightSide / Math.max(wide, high));
    const width = Math.max(1, Math.round(wide * scale));
    const height = Math.max(1, Math.round(high * scale));
    const drawing = drawingOf(width, height);
    // Noise of the camera would stand in the map as specks.
    drawing.imageSmoothingQuality = 'high';
    if (isFlipped) drawing.setTransform(-1, 0, 0, 1, width, 0);
    drawing.drawImage(
      picture,
      cut.left * picture.width,
      cut.top * picture.height,
      wide,
      high,
      0,
      0,
      width,
      height,
    );
    picture.close();
    const { data } = drawing.getImageData(0, 0, width, height);
    const field = lightField({ width, height, data }, withoutBackground);
    const pixels = inValues(field, { values, steps });
    const read = { ...field, pixels, shares: sharesInValues(field, values) };
    return Comlink.transfer(read, [pixels.buffer, field.value.buffer]);
  },
};

export type PictureWork = typeof pictureWork;

async function scaled(picture: ImageBitmap): Promise<Taken> {
  const scale = Math.min(1, keptPictureSide / Math.max(picture.width, picture.height));
  const width = Math.max(1, Math.round(picture.width * scale));
  const height = Math.max(1, Math.round(picture.height * scale));
  const drawing = drawingOf(width, height);
  drawing.fillStyle = well;
  drawing.fillRect(0, 0, width, height);
  drawing.imageSmoothingQuality = 'high';
  drawing.drawImage(picture, 0, 0, width, height);
  picture.close();
  const made = await jpegOf(drawing.canvas, quality);
  return asTaken(made.length > mostKeptBytes ? await jpegOf(drawing.canvas, lowQuality) : made);
}

async function jpegOf(canvas: OffscreenCanvas, how: number): Promise<Uint8Array<ArrayBuffer>> {
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: how });
  return bareJpeg(new Uint8Array(await blob.arrayBuffer()));
}

function asTaken(bytes: Uint8Array<ArrayBuffer>): Taken {
  const kept = asKeptPicture(bytes);
  return { kept, bytes: new Blob([bytes], { type: kept.type }) };
}
