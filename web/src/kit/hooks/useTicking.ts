import { useCallback, useEffect, useMemo, useState } from 'react';
import { pageMonotonicClock } from '../../data/log/monotonicClock';

/** At least so often everything is looked at anew, ms: a laptop that slept wakes within this. */
const lookEveryMs = 15_000;

/** The time, second by second, and when what depends on it has to be worked out anew. */
export function useTicking() {
  const [now, setNow] = useState(() => pageMonotonicClock.now());
  const [looks, setLooks] = useState(0);
  useEffect(() => {
    const second = setInterval(() => setNow(pageMonotonicClock.now()), 1000);
    const look = setInterval(() => setLooks((count) => count + 1), lookEveryMs);
    const woke = () => {
      setNow(pageMonotonicClock.now());
      setLooks((count) => count + 1);
    };
    document.addEventListener('visibilitychange', woke);
    return () => {
      clearInterval(second);
      clearInterval(look);
      document.removeEventListener('visibilitychange', woke);
    };
  }, []);
  /** Has everything looked at when something is due. */
  const lookAt = useCallback((at: number | null) => {
    if (at === null) return undefined;
    const wait = Math.max(0, at - pageMonotonicClock.now()) + 50;
    const timer = setTimeout(() => setLooks((count) => count + 1), Math.min(wait, 2 ** 31 - 1));
    return () => clearTimeout(timer);
  }, []);
  return useMemo(() => ({ now, looks, lookAt }), [now, looks, lookAt]);
}
