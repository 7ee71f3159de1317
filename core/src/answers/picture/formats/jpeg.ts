import { saysAt, viewOf, type PictureFormat } from '../pictureFormat';

const startOfImage = 0xd8;
const endOfImage = 0xd9;
const startOfScan = 0xda;
/** Frames of every kind of coding; between them stand tables. */
const isFrame = (marker: number) =>
  marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
/** Markers that stand alone, with nothing that belongs to them. */
const standsAlone = (marker: number) => marker === 0x01 || (marker >= 0xd0 && marker <= 0xd7);
const applicationData = 0xe1;

/** @source ITU-T T.81 (1992), annex B */
export const jpeg: PictureFormat = {
  type: 'image/jpeg',
  label: 'JPEG',
  begins: (bytes) => bytes[0] === 0xff && bytes[1] === startOfImage && bytes[2] === 0xff,
  look(bytes) {
    const view = viewOf(bytes);
    let size: { width: number; height: number } | null = null;
    let tellsMore = false;
    let at = 2;
    for (;;) {
      at = nextMarker(bytes, at);
      if (at >= bytes.length) return size && { ...size, isWhole: false, tellsMore };
      const marker = bytes[at + 1];
      if (marker === endOfImage) return size && { ...size, isWhole: true, tellsMore };
      const length = at + 4 <= bytes.length ? view.getUint16(at + 2) : 0;
      if (isFrame(marker) && at + 9 <= bytes.length)
        size = { height: view.getUint16(at + 5), width: view.getUint16(at + 7) };
      // Exif and XMP both come as this kind; so do notes of makers of cameras.
      if (marker === applicationData && !saysAt(bytes, at + 4, 'JFIF')) tellsMore = true;
      at += 2 + (standsAlone(marker) ? 0 : Math.max(2, length));
      if (marker === startOfScan) at = endOfScan(bytes, at);
    }
  },
};

/** The next marker from a place on; any number of filling bytes may stand before it. */
function nextMarker(bytes: Uint8Array, from: number): number {
  let at = from;
  while (at + 1 < bytes.length && !(bytes[at] === 0xff && ![0, 0xff].includes(bytes[at + 1]))) at++;
  return at + 1 < bytes.length ? at : bytes.length;
}

/** Where what was coded ends: at a marker that is none to start over from. */
function endOfScan(bytes: Uint8Array, from: number): number {
  for (let at = from; at + 1 < bytes.length; at++) {
    if (bytes[at] !== 0xff) continue;
    const next = bytes[at + 1];
    if (next !== 0 && next !== 0xff && !(next >= 0xd0 && next <= 0xd7)) return at;
  }
  return bytes.length;
}
