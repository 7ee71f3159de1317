import { saysAt, viewOf, type PictureFormat } from '../pictureFormat';

const chunkHead = 8;

/** @source RFC 9649, WebP Image Format */
export const webp: PictureFormat = {
  type: 'image/webp',
  label: 'WebP',
  begins: (bytes) => saysAt(bytes, 0, 'RIFF') && saysAt(bytes, 8, 'WEBP'),
  look(bytes) {
    if (bytes.length < 30) return null;
    const view = viewOf(bytes);
    const size = sizeIn(bytes, view);
    if (!size) return null;
    let tellsMore = false;
    for (let at = 12; at + chunkHead <= bytes.length;) {
      if (saysAt(bytes, at, 'EXIF') || saysAt(bytes, at, 'XMP ')) tellsMore = true;
      const length = view.getUint32(at + 4, true);
      at += chunkHead + length + (length % 2);
    }
    const isWhole = bytes.length >= chunkHead + view.getUint32(4, true);
    return { ...size, isWhole, tellsMore };
  },
};

/** Its size as the first chunk says it: extended, without loss, or with loss. */
function sizeIn(bytes: Uint8Array, view: DataView): { width: number; height: number } | null {
  if (saysAt(bytes, 12, 'VP8X'))
    return { width: 1 + uint24(bytes, 24), height: 1 + uint24(bytes, 27) };
  if (saysAt(bytes, 12, 'VP8L')) {
    const packed = view.getUint32(21, true);
    return { width: 1 + (packed & 0x3fff), height: 1 + ((packed >>> 14) & 0x3fff) };
  }
  if (!saysAt(bytes, 12, 'VP8 ')) return null;
  return { width: view.getUint16(26, true) & 0x3fff, height: view.getUint16(28, true) & 0x3fff };
}

const uint24 = (bytes: Uint8Array, at: number) =>
  bytes[at] + bytes[at + 1] * 0x100 + bytes[at + 2] * 0x10000;
