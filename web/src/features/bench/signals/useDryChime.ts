import { useEffect, useRef, useState } from 'react';
import { chime } from './chime';

/** A drying coat, by the entry that made it wet. */
export interface Dries {
  entryId: string;
  says: string;
  /** milliseconds since 1970 */
  at: number;
}

/**
 * Sounds when something has become dry. It goes by the clock: what became dry while the device slept
 * is told at once when it wakes.
 *
 * @param now milliseconds since 1970, by the page's clock
 * @returns what has become dry, for the title of the page; null once any press has shown that it was seen
 */
export function useDryChime(drying: readonly Dries[], now: number): string | null {
  const waiting = useRef(new Map<string, Dries>());
  const [dried, setDried] = useState<string | null>(null);

  useEffect(() => {
    for (const each of drying) waiting.current.set(each.entryId, each);
    const dry = [...waiting.current.values()].filter(({ at }) => at <= now);
    for (const { entryId } of dry) waiting.current.delete(entryId);
    // A coat that was struck out, or was felt to be dry, is no longer waited for.
    for (const { entryId, at } of [...waiting.current.values()])
      if (at > now && !drying.some((each) => each.entryId === entryId))
        waiting.current.delete(entryId);
    if (dry.length === 0) return;
    chime();
    setDried(dry[0].says);
  }, [drying, now]);

  useEffect(() => {
    const back = () => setDried(null);
    window.addEventListener('pointerdown', back);
    window.addEventListener('keydown', back);
    return () => {
      window.removeEventListener('pointerdown', back);
      window.removeEventListener('keydown', back);
    };
  }, []);
  return dried;
}
