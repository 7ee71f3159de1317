import { dome, form } from './form';

export const limb = form({
  listedAt: 2,
  label: 'rounded limb',
  tells: 'an arm, a leg, a helm: everything turns slowly from light to dark',
  height: (u, v) => {
    const round = dome(u, v, 0.4, 0.46);
    return round === null ? null : 0.42 * round;
  },
  rank: ({ facing, nearer }) => facing + 0.35 * nearer,
  areaBelow: [0, 0.08, 0.26, 0.5, 0.72, 0.89, 0.98, 1],
  // Muscle runs down the limb and swells outwards in its middle.
  grain: (u, v) => -Math.PI / 2 + 0.7 * (u - 0.5) * Math.cos(Math.PI * v),
  grainIsFaint: true,
  along: (_u, v) => 1 - v,
  ends: ['shoulder', 'wrist'],
  hasBack: true,
});
