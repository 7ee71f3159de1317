import type { Photograph } from '@yellow-ledger/core';
import type { RecordStore } from '../db/recordStore';
import type { PictureStore } from './pictureStore';

/** The photographs; the picture of one that is deleted may be nobody's from then on. */
export const photographStore = (
  plain: RecordStore<Photograph>,
  pictures: PictureStore,
): RecordStore<Photograph> => ({
  ...plain,
  async remove(id, revision, within) {
    const before = await plain.get(id, within).catch(() => null);
    await plain.remove(id, revision, within);
    if (before) await pictures.letGo(before.content.picture.hash);
  },
});
