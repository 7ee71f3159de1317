import { dome, form } from './form';

/** Bundles of strands that part and close again on their way down. */
const strands = (u: number, v: number) => {
  const drift = 0.06 * Math.sin(5 * v) + 0.03 * Math.sin(11 * v + 2);
  const bundle = Math.cos((u + drift) * Math.PI * 9);
  return 0.7 * bundle + 0.3 * Math.cos((u + drift) * Math.PI * 31 + 3 * v);
};

export const hair = form({
  listedAt: 6,
  label: 'hair or grain',
  tells: 'strands, reeds, wood: lines of light with dark between them',
  height: (u, v) => {
    const body = dome(u, v, 0.45, 0.48, 3);
    return body === null ? null : 0.32 * body + 0.03 * strands(u, v) * Math.sqrt(body);
  },
  rank: ({ u, v, facing, nearer }) => 0.6 * strands(u, v) + 0.45 * facing + 0.25 * nearer,
  areaBelow: [0, 0.16, 0.36, 0.6, 0.78, 0.9, 0.97, 1],
  grain: (_u, v) => -Math.PI / 2 + 0.3 * Math.cos(5 * v),
  along: (_u, v) => 1 - v,
  ends: ['root', 'ends'],
  hasBack: true,
});
