import type { Photograph } from '@yellow-ledger/core';
import { Problem } from '../http/problem';
import type { PictureStore } from './pictureStore';

/** Refuses a photograph whose picture is not here. @throws Problem */
export async function refuseWithoutPicture(
  { picture: { hash } }: Photograph,
  pictures: PictureStore,
): Promise<void> {
  if (await pictures.has(hash)) return;
  throw new Problem(
    400,
    'picture-missing',
    'The picture of this photograph is not here. Put it in once more.',
    { fields: [{ field: 'picture.hash', value: hash, expected: 'a picture that is here' }] },
  );
}
