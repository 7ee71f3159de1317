import { form } from './form';

const middle = { u: 0.5, v: 0.6, radius: 0.3 };
const stalk = { wide: 0.075, top: 0.34 };

const roundAt = (u: number, v: number) => Math.hypot(u - middle.u, v - middle.v) / middle.radius;

export const orb = form({
  listedAt: 11,
  label: 'sphere on a stalk',
  tells: 'an eye, an orb, a lantern’s bulb: a ball that shines, on a thin neck',
  height: (u, v) => {
    const round = roundAt(u, v);
    if (round < 1) return 0.08 + 0.3 * (1 - round * round) ** 0.6;
    const side = Math.abs(u - middle.u) / (stalk.wide * (1.25 - v));
    return v > 0.03 && v < stalk.top && side < 1 ? 0.07 * Math.sqrt(1 - side * side) + 0.04 : null;
  },
  rank: ({ u, v, facing, nearer }) =>
    facing + 0.3 * nearer - (roundAt(u, v) >= 1 ? 0.35 : 0) - (v < 0.36 ? 0.2 : 0),
  areaBelow: [0, 0.09, 0.27, 0.52, 0.74, 0.89, 0.975, 1],
  spots: [
    { name: 'iris', discs: [{ u: 0.5, v: 0.6, wide: 0.13, high: 0.13 }] },
    { name: 'pupil', asks: 'dark', discs: [{ u: 0.5, v: 0.6, wide: 0.055, high: 0.055 }] },
    { name: 'glint', asks: 'light', discs: [{ u: 0.43, v: 0.69, wide: 0.035, high: 0.035 }] },
    { name: 'stalk', discs: [{ u: 0.5, v: 0.16, wide: 0.09, high: 0.14 }] },
  ],
});
