/** Bytes of pictures, made for tests: right in their build, with little in them to be seen. */

const word = (text: string) => [...text].map((letter) => letter.charCodeAt(0));
const two = (value: number) => [value >> 8, value & 0xff];
const four = (value: number) => [...two(value >>> 16), ...two(value & 0xffff)];
const fourLeast = (value: number) => four(value).reverse();

export interface PictureAsked {
  width: number;
  height: number;
  /** put in beside the picture: where it was taken, and with what */
  tells?: boolean;
}

export function jpegBytes({ width, height, tells = false }: PictureAsked): Uint8Array {
  const segment = (marker: number, content: number[]) => [
    0xff,
    marker,
    ...two(content.length + 2),
    ...content,
  ];
  return Uint8Array.from([
    ...[0xff, 0xd8],
    ...segment(0xe0, [...word('JFIF'), 0, 1, 1, 0, 0, 1, 0, 1, 0, 0]),
    ...(tells ? segment(0xe1, [...word('Exif'), 0, 0, ...word('52 N 6 E')]) : []),
    // Within it stands what would end a picture.
    ...segment(0xfe, [...word('of a helm'), 0xff, 0xd9]),
    ...segment(0xc2, [8, ...two(height), ...two(width), 1, 1, 0x11, 0]),
    ...segment(0xda, [1, 1, 0, 0, 63, 0]),
    // Bytes in coded data: a stuffed byte and a restart mark are no markers.
    ...[0x12, 0xff, 0x00, 0x34, 0xff, 0xd0, 0x56],
    ...segment(0xda, [1, 1, 0, 1, 63, 0]),
    ...[0x78, 0x9a],
    ...[0xff, 0xd9],
  ]);
}

export function pngBytes({ width, height, tells = false }: PictureAsked): Uint8Array {
  const chunk = (name: string, content: number[]) => [
    ...four(content.length),
    ...word(name),
    ...content,
    ...four(0),
  ];
  return Uint8Array.from([
    ...[0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a],
    ...chunk('IHDR', [...four(width), ...four(height), 8, 2, 0, 0, 0]),
    ...(tells ? chunk('eXIf', word('52 N 6 E')) : []),
    ...chunk('IDAT', [1, 2, 3, 4, 5]),
    ...chunk('IEND', []),
  ]);
}

export function webpBytes({ width, height, tells = false }: PictureAsked): Uint8Array {
  const three = (value: number) => fourLeast(value).slice(0, 3);
  const chunk = (name: string, content: number[]) => [
    ...word(name),
    ...fourLeast(content.length),
    ...content,
    ...(content.length % 2 ? [0] : []),
  ];
  const chunks = [
    ...word('WEBP'),
    ...chunk('VP8X', [0, 0, 0, 0, ...three(width - 1), ...three(height - 1)]),
    ...chunk('VP8 ', [1, 2, 3]),
    ...(tells ? chunk('EXIF', word('52 N 6 E')) : []),
  ];
  return Uint8Array.from([...word('RIFF'), ...fourLeast(chunks.length), ...chunks]);
}
