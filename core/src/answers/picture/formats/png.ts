import { saysAt, viewOf, type PictureFormat } from '../pictureFormat';

const head = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
/** Chunks of words, times and what a camera says. */
const tellingChunks = ['eXIf', 'tEXt', 'zTXt', 'iTXt', 'tIME'];
/** Length and name before what a chunk holds, and a sum to check it by behind it. */
const around = 12;

/** @source ISO/IEC 15948:2004, Portable Network Graphics */
export const png: PictureFormat = {
  type: 'image/png',
  label: 'PNG',
  begins: (bytes) => head.every((byte, i) => bytes[i] === byte),
  look(bytes) {
    const view = viewOf(bytes);
    if (bytes.length < 24 || !saysAt(bytes, 12, 'IHDR')) return null;
    const size = { width: view.getUint32(16), height: view.getUint32(20) };
    let tellsMore = false;
    for (let at = head.length; at + around <= bytes.length;) {
      const end = at + around + view.getUint32(at);
      if (tellingChunks.some((name) => saysAt(bytes, at + 4, name))) tellsMore = true;
      if (saysAt(bytes, at + 4, 'IEND'))
        return { ...size, isWhole: end <= bytes.length, tellsMore };
      at = end;
    }
    return { ...size, isWhole: false, tellsMore };
  },
};
