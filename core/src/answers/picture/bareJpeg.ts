import { viewOf } from './pictureFormat';

const startOfScan = 0xda;
/** Exif, XMP, and what programs put there of their own; colours (2) and the head (0) stay. */
const isNote = (marker: number) =>
  marker === 0xe1 || (marker > 0xe2 && marker <= 0xef) || marker === 0xfe;

/**
 * A whole JPEG without what it tells of where, when and with what it was taken. Some browsers put
 * notes of their own into what they make.
 *
 * @param bytes of a JPEG, as `lookAtPicture` lets it through
 */
export function bareJpeg(bytes: Uint8Array): Uint8Array<ArrayBuffer> {
  const view = viewOf(bytes);
  const kept: Uint8Array[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at + 4 <= bytes.length && bytes[at] === 0xff && bytes[at + 1] !== startOfScan) {
    const end = at + 2 + view.getUint16(at + 2);
    if (!isNote(bytes[at + 1])) kept.push(bytes.subarray(at, end));
    at = end;
  }
  kept.push(bytes.subarray(at));
  const bare = new Uint8Array(kept.reduce((sum, { length }) => sum + length, 0));
  let to = 0;
  for (const part of kept) {
    bare.set(part, to);
    to += part.length;
  }
  return bare;
}
