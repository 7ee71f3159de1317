import type { Photograph } from '@yellow-ledger/core';
import type { RecordStore } from '../db/recordStore';
import { Problem } from '../http/problem';
import type { PictureStore } from './pictureStore';

/** The photographs, each of whose picture is here first; one that is deleted lets go of its picture. */
export function refusedWithoutPicture(
  store: RecordStore<Photograph>,
  pictures: PictureStore,
): RecordStore<Photograph> {
  return {
    ...store,
    async put(photograph, revision, within) {
      const { hash } = photograph.picture;
      if (!(await pictures.has(hash)))
        throw new Problem(
          400,
          'picture-missing',
          'The picture of this photograph is not here. Put it in once more.',
          { fields: [{ field: 'picture.hash', value: hash, expected: 'a picture that is here' }] },
        );
      return store.put(photograph, revision, within);
    },
    async remove(id, revision) {
      const before = await store.get(id).catch(() => null);
      await store.remove(id, revision);
      if (before) await pictures.letGo(before.content.picture.hash);
    },
  };
}
