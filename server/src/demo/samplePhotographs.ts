import { asKeptPicture, type FilePicture, type Photograph } from '@yellow-ledger/core';
import { ferrymanFace } from './recipes/ferrymanFace';
import { drawnPhotograph } from './drawnPhotograph';

export const samplePhotographId = 'ferryman-under-lamp';

/** A photograph of the sample world, with its picture; drawn anew each time, always the same. */
export function samplePhotographs(): { photographs: Photograph[]; pictures: FilePicture[] } {
  const bytes = drawnPhotograph('face', 'left');
  const picture = asKeptPicture(bytes);
  const primed: Photograph = {
    id: samplePhotographId,
    of: { kind: 'recipe', recipeId: ferrymanFace.id },
    shows: 'under a lamp',
    caption: 'Primed, the lamp on his left (drawn, for want of a camera)',
    addedAt: '2026-11-20T19:30:00.000Z',
    picture,
  };
  return {
    photographs: [primed],
    pictures: [{ hash: picture.hash, data: bytes.toString('base64') }],
  };
}
