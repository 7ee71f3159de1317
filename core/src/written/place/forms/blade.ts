import { form } from './form';

/** Facets of a blade: one each side of a ridge along its middle. */
const halfWidth = (v: number) => 0.2 * Math.min(1, (1.02 - v) / 0.3);
const acrossAt = (u: number, v: number) => (u - 0.5) / halfWidth(v);

export const blade = form({
  listedAt: 4,
  label: 'blade',
  tells: 'a gradient along each facet, turned about from one to the other',
  height: (u, v) => {
    if (v < 0.03 || v > 0.985) return null;
    const across = Math.abs(acrossAt(u, v));
    return across > 1 ? null : 0.08 + 0.13 * (1 - across);
  },
  rank: ({ u, v, run }) => run + (Math.abs(acrossAt(u, v)) > 0.93 ? 1 : 0),
  areaBelow: [0, 0.15, 0.32, 0.5, 0.66, 0.8, 0.9, 1],
  along: (_u, v) => v,
  ends: ['hilt', 'point'],
  runsAlong: true,
  hasBack: true,
});
