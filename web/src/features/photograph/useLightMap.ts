import type { LightMapSettings } from '@yellow-ledger/core';
import { useEffect, useRef, useState } from 'react';
import { bytesOfPicture } from '../../data/pictures/pictureBytes';
import { pictureWorker } from '../../workers/pictureWorker';
import type { LightRead } from '../../workers/shared/pictureWork';

/**
 * A picture as a map of light, worked out anew whenever it is looked at otherwise. Of several ways
 * asked for while one is worked out only the last is.
 */
export function useLightMap(hash: string, settings: LightMapSettings) {
  const [light, setLight] = useState<LightRead | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const wanted = useRef<LightMapSettings | null>(null);
  const isBusy = useRef(false);
  const bytes = useRef<{ hash: string; of: Promise<Blob | null> } | null>(null);
  const key = JSON.stringify(settings);
  useEffect(() => {
    let isThere = true;
    wanted.current = JSON.parse(key) as LightMapSettings;
    if (bytes.current?.hash !== hash) bytes.current = { hash, of: bytesOfPicture(hash) };
    const { of } = bytes.current;
    const read = async () => {
      if (isBusy.current) return;
      isBusy.current = true;
      try {
        for (let next = wanted.current; next; next = wanted.current) {
          wanted.current = null;
          const picture = await of;
          if (!picture) {
            setProblem(
              'Its picture is not here, or the server does not answer. Load the page again.',
            );
            return;
          }
          setLight(await pictureWorker().light(picture, next));
          setProblem(null);
        }
      } catch (fault) {
        if (isThere) setProblem(fault instanceof Error ? fault.message : String(fault));
      } finally {
        isBusy.current = false;
      }
    };
    void read();
    return () => {
      isThere = false;
    };
  }, [hash, key]);
  return { light, problem };
}
