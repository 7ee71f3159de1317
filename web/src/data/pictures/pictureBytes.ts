import { askBytes } from '../ask';
import { unsentPictures } from './unsentPictures';

/** The bytes of a picture, wherever it lies; null where it is not to be had now. */
export async function bytesOfPicture(hash: string): Promise<Blob | null> {
  const unsent = await unsentPictures.bytesOf(hash);
  if (unsent) return unsent;
  const answer = await askBytes(`/api/pictures/${hash}`);
  return 'data' in answer ? answer.data : null;
}
