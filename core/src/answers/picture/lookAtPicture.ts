import { pictureFormats, pictureFormatWords } from './pictureFormats';
import type { PictureFacts } from './pictureFormat';

/** A picture file that is chosen has at most so many bytes. */
export const mostPictureBytes = 20_000_000;
/** More pixels than so many are not unpacked: they take four bytes each in a phone. */
export const mostPicturePixels = 50_000_000;
/** A kept picture was scaled, its longer side to so many pixels at most. */
export const keptPictureSide = 2000;
/** Scaled to that side, even a picture that is all noise has fewer bytes. */
export const mostKeptBytes = 4_000_000;

/** A picture file that cannot be taken, with the reason in a sentence. */
export class PictureError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'PictureError';
  }
}

export interface LookedAt extends PictureFacts {
  /** MIME type, told by what is in it and not by its name */
  type: string;
}

/**
 * Of a picture file only its size is known yet.
 *
 * @throws PictureError where it is larger than what is read at all
 */
export function refuseLarge(bytes: number, called: string): void {
  if (bytes > mostPictureBytes)
    throw new PictureError(
      `${called} has ${inMega(bytes)} MB; it should have at most ${mostPictureBytes / 1e6} MB.`,
    );
}

/**
 * Looks at the bytes of a picture file that somebody has chosen.
 *
 * @param called its name, for the sentence
 * @throws PictureError that says why it cannot be taken
 * @example lookAtPicture(bytes, 'helm.jpg') // → { type: 'image/jpeg', width: 4000, height: 3000, … }
 */
export function lookAtPicture(bytes: Uint8Array, called: string): LookedAt {
  refuseLarge(bytes.length, called);
  if (bytes.length === 0) throw new PictureError(`${called} is empty.`);
  const format = pictureFormats.find(({ begins }) => begins(bytes));
  if (!format)
    throw new PictureError(
      `${called} is none of the pictures the ledger keeps, whatever its name says; it should be ${pictureFormatWords}.`,
    );
  const facts = format.look(bytes);
  if (!facts || facts.width === 0 || facts.height === 0)
    throw new PictureError(`${called} is a ${format.label} that does not say how large it is.`);
  const pixels = facts.width * facts.height;
  if (pixels > mostPicturePixels)
    throw new PictureError(
      `${called} has ${facts.width} × ${facts.height} pixels, ${inMega(pixels)} million; it should have at most ${mostPicturePixels / 1e6} million. Take it smaller, or cut out the figure.`,
    );
  if (!facts.isWhole)
    throw new PictureError(
      `${called} is cut off before its end: it may not have come over whole. Fetch it once more.`,
    );
  return { type: format.type, ...facts };
}

const inMega = (count: number) => (count / 1e6).toFixed(1);
