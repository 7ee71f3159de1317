import { sha256 } from '@noble/hashes/sha2.js';
import { z } from 'zod';
import { wholeNumberWithin } from '../../written/record/fields';
import { keptPictureSide, lookAtPicture, mostKeptBytes, PictureError } from './lookAtPicture';
import { pictureFormats } from './pictureFormats';

const hashLength = 64;

/** SHA-256 of the bytes of a picture, in small hexadecimal digits: what it is kept under. */
export const pictureHashSchema = z
  .string({ error: 'the hash of a picture' })
  .regex(/^[0-9a-f]{64}$/, `the hash of a picture: ${hashLength} digits 0–9 and a–f`);

const side = wholeNumberWithin(1, keptPictureSide);

/** The size of a picture in its record, so that it can be laid out before its bytes are there. */
export const keptPictureSchema = z.strictObject({
  hash: pictureHashSchema,
  type: z.enum(
    pictureFormats.map(({ type }) => type),
    { error: `one of ${pictureFormats.map(({ type }) => type).join(', ')}` },
  ),
  width: side,
  height: side,
});

export type KeptPicture = z.infer<typeof keptPictureSchema>;

/** @param bytes of a picture as it is kept */
export function pictureHash(bytes: Uint8Array): string {
  return Array.from(sha256(bytes), (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/**
 * The facts of a picture that is to be kept as it stands.
 *
 * @throws PictureError where it is none, is larger than what is kept, or still tells where and with
 *   what it was taken
 */
export function asKeptPicture(bytes: Uint8Array): KeptPicture {
  const { type, width, height, tellsMore } = lookAtPicture(bytes, 'The picture');
  if (bytes.length > mostKeptBytes)
    throw new PictureError(
      `The picture has ${(bytes.length / 1e6).toFixed(1)} MB; what is kept should have at most ${mostKeptBytes / 1e6} MB.`,
    );
  if (Math.max(width, height) > keptPictureSide)
    throw new PictureError(
      `The picture has ${width} × ${height} pixels; what is kept should have at most ${keptPictureSide} on its longer side.`,
    );
  if (tellsMore)
    throw new PictureError(
      'The picture still tells where or with what it was taken; that should be taken out of it first.',
    );
  return { hash: pictureHash(bytes), type, width, height };
}

/** A picture as a ledger file holds it. */
export const filePictureSchema = z
  .strictObject({
    hash: pictureHashSchema,
    data: z
      .base64({ error: 'the bytes of a picture, base64' })
      .max(Math.ceil(mostKeptBytes / 3) * 4, `at most ${mostKeptBytes / 1e6} MB`)
      .describe('its bytes, base64'),
  })
  .superRefine(({ hash, data }, context) => {
    const problem = wrongWith(hash, data);
    if (problem) context.addIssue({ code: 'custom', path: ['data'], message: problem });
  });

export type FilePicture = z.infer<typeof filePictureSchema>;

function wrongWith(hash: string, data: string): string | null {
  try {
    const kept = asKeptPicture(pictureBytes(data));
    return kept.hash === hash ? null : 'the bytes its hash was made of';
  } catch (error) {
    if (error instanceof PictureError) return `a picture the ledger keeps: ${error.message}`;
    throw error;
  }
}

/** Bytes from base64. @throws where it is none */
export const pictureBytes = (data: string): Uint8Array<ArrayBuffer> =>
  z.util.base64ToUint8Array(data);
