import type { Spectrum } from '../../../light/colour/spectrum';
import { surfaceColour } from '../../../light/colour/surfaceColour';

/** The same surface lighter or darker by so much L*, as far as it goes; its hue stays. */
export function withValue(spectrum: Spectrum, change: number): Spectrum {
  const goal = Math.max(2, Math.min(98, surfaceColour(spectrum).value + change));
  const to = (share: number) =>
    spectrum.map((r) => (change > 0 ? r + (1 - r) * share : r * (1 - share)));
  let [low, high] = [0, 1];
  for (let i = 0; i < 24; i++) {
    const share = (low + high) / 2;
    const value = surfaceColour(to(share)).value;
    if (change > 0 ? value < goal : value > goal) low = share;
    else high = share;
  }
  return to((low + high) / 2);
}
