import type { FilePicture, Photograph } from '@yellow-ledger/core';
import { picturesOfFile } from './picturesOfFile';
import type { PictureStore } from './pictureStore';

/** The pictures of photographs, as they go into a file. */
export async function heldPictures(
  photographs: readonly Photograph[],
  pictures: Pick<PictureStore, 'read'>,
): Promise<FilePicture[]> {
  const hashes = new Set(photographs.map(({ picture }) => picture.hash));
  const held: FilePicture[] = [];
  for await (const picture of picturesOfFile(hashes, pictures)) held.push(picture);
  return held;
}
