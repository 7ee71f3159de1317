import type { Photograph } from '@yellow-ledger/core';
import { useState } from 'react';
import { unsentPictures } from '../../data/pictures/unsentPictures';
import { photographName } from './photographWords';
import './photographs.scss';

/** The picture of a photograph, on neutral grey. */
export function PhotographPicture({ photograph }: { photograph: Photograph }) {
  const { hash, width, height } = photograph.picture;
  const { src, isGone, onError } = usePictureAddress(hash);
  return (
    <span className="photograph-well">
      {isGone ? (
        <span className="photograph-gone">Its picture is not here.</span>
      ) : (
        <img
          src={src}
          width={width}
          height={height}
          alt={photographName(photograph)}
          loading="lazy"
          onError={onError}
        />
      )}
    </span>
  );
}

/** Where a picture is seen; one that was left unsent by a page that is gone is looked for once more. */
function usePictureAddress(hash: string) {
  const [src, setSrc] = useState(() => unsentPictures.urlOf(hash));
  const [isGone, setIsGone] = useState(false);
  const onError = () =>
    void unsentPictures.bytesOf(hash).then(() => {
      // The server may have got it meanwhile, or a page that is gone has left it here.
      const here = unsentPictures.urlOf(hash);
      if (here !== src) setSrc(here);
      else setIsGone(true);
    });
  return { src, isGone, onError };
}
