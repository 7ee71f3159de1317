import { dome, form } from './form';

export const gem = form({
  listedAt: 5,
  label: 'gem',
  tells: 'dark where the light comes in, a crescent of light opposite, one sparkle',
  height: (u, v) => {
    const round = dome(u, v, 0.4, 0.4);
    return round === null ? null : 0.36 * round;
  },
  rank: ({ across, nearer }) => {
    const x = (across - 0.5) / 0.4;
    const y = (nearer - 0.5) / 0.4;
    if (Math.hypot(x + 0.42, y - 0.46) < 0.11) return 9;
    // Light comes in beside the sparkle and gathers in a crescent opposite.
    const opposite = (x - y) / Math.SQRT2;
    return opposite + 0.45 * Math.hypot(x, y);
  },
  areaBelow: [0, 0.14, 0.34, 0.6, 0.8, 0.9, 0.975, 1],
  halves: true,
});
