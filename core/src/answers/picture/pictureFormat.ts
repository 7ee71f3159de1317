/** Pixels and the state of a picture, told from its bytes alone; nothing is decoded. */
export interface PictureFacts {
  /** pixels as they are stored, before the picture is turned upright */
  width: number;
  height: number;
  /** whether its bytes go on to where they should end */
  isWhole: boolean;
  /** whether it tells where, when or with what it was taken */
  tellsMore: boolean;
}

/** All there is to say of a kind of picture file. */
export interface PictureFormat {
  /** MIME type */
  type: string;
  /** as people call it */
  label: string;
  /** of its bytes, whether they begin as this kind does */
  begins: (bytes: Uint8Array) => boolean;
  /** @returns null where it does not even say how large it is */
  look: (bytes: Uint8Array) => PictureFacts | null;
}

/** Bytes as a number with the most significant first. */
export const viewOf = (bytes: Uint8Array): DataView =>
  new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);

/** @example saysAt(bytes, 8, 'WEBP') */
export const saysAt = (bytes: Uint8Array, at: number, word: string): boolean =>
  bytes.length >= at + word.length &&
  [...word].every((letter, i) => bytes[at + i] === letter.charCodeAt(0));
