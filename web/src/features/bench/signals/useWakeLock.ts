import { useEffect } from 'react';

/** Keeps the screen on while the page is looked at, where the browser can; it costs nothing where not. */
export function useWakeLock(): void {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const held = await navigator.wakeLock.request('screen');
        if (isOver) await held.release();
        else lock = held;
      } catch {
        // A low battery or a setting forbids it: the screen dims as it always does.
      }
    };
    void hold();
    // The lock is lost whenever the page is out of sight.
    const again = () => void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, []);
}
