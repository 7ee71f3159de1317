import { useCallback, useRef } from 'react';
import { pageMonotonicClock } from '../../../data/log/monotonicClock';

/** Two presses on one button closer together than this are one, ms. */
export const onePressMs = 300;

/** Tells whether a press on a button is one of its own, and no second tap of a trembling finger. */
export function usePresses(): (button: string) => boolean {
  const lastAt = useRef(new Map<string, number>());
  return useCallback((button) => {
    const at = pageMonotonicClock.now();
    if (at - (lastAt.current.get(button) ?? -Infinity) < onePressMs) return false;
    lastAt.current.set(button, at);
    return true;
  }, []);
}
