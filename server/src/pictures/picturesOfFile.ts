import type { FilePicture } from '@yellow-ledger/core';
import type { PictureStore } from './pictureStore';

/** Pictures as a file holds them, one by one; what is not here is left out. */
export async function* picturesOfFile(
  hashes: Iterable<string>,
  pictures: PictureStore,
): AsyncGenerator<FilePicture> {
  for (const hash of hashes) {
    const bytes = await pictures.read(hash);
    if (bytes) yield { hash, data: bytes.toString('base64') };
  }
}
