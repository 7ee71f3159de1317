import { createHash } from 'node:crypto';
import type { FilePicture } from '@yellow-ledger/core';
import type { PictureStore } from './pictureStore';

/**
 * Pictures as a file holds them, one by one. What is not here, or is no longer what it was, is left
 * out: it would keep the whole file from being taken in.
 */
export async function* picturesOfFile(
  hashes: Iterable<string>,
  pictures: Pick<PictureStore, 'read'>,
): AsyncGenerator<FilePicture> {
  for (const hash of hashes) {
    const bytes = await pictures.read(hash);
    if (bytes && createHash('sha256').update(bytes).digest('hex') === hash)
      yield { hash, data: bytes.toString('base64') };
  }
}
