/**
 * Figures that look drawn by chance, the same ones for the same seed.
 *
 * @returns a function giving a figure from 0 up to, but not, 1 each time
 * @source mulberry32 by T. Ettinger, public domain
 */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}
