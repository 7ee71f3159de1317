/** A clock that goes on when the device's own is set back. */
export interface MonotonicClock {
  /** milliseconds since 1970 */
  now: () => number;
  /** how far the device's clock has been set back while the page was open, milliseconds */
  setBackMs: () => number;
}

/** Clocks are nudged by a little all the time; only more than this is a setting back, ms. */
const nudgeMs = 2000;

/**
 * Time by the device's clock, corrected where it was set back. A clock that jumps forward is
 * believed: the device has slept, and paint has dried meanwhile.
 *
 * @param wall milliseconds since 1970
 * @param running milliseconds that nobody can set, though they may stop while the device sleeps
 */
export function monotonicClock(wall: () => number, running: () => number): MonotonicClock {
  let lastWall = wall();
  let lastRunning = running();
  let setBack = 0;
  const now = () => {
    const wallNow = wall();
    const runningNow = running();
    const behind = runningNow - lastRunning - (wallNow - lastWall);
    if (behind > nudgeMs) setBack += behind;
    lastWall = wallNow;
    lastRunning = runningNow;
    return wallNow + setBack;
  };
  return { now, setBackMs: () => setBack };
}

/** The page's own. */
export const pageMonotonicClock = monotonicClock(
  () => Date.now(),
  () => performance.now(),
);
