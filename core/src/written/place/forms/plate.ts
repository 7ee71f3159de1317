import { form } from './form';

export const plate = form({
  listedAt: 3,
  label: 'flat plate',
  tells: 'armour, a shield, a book: wide flats and sharp edges',
  height: (u, v) => {
    const x = Math.abs(u - 0.5) / 0.4;
    const y = Math.abs(v - 0.5) / 0.42;
    const border = Math.max(x, y);
    if (border > 1) return null;
    const bevel = Math.min(1, (1 - border) / 0.09);
    const rivet = Math.max(0, 1 - (Math.hypot(x - 0.72, y - 0.74) / 0.12) ** 2);
    return 0.12 + 0.07 * bevel + 0.06 * (1 - x * x) + 0.05 * Math.sqrt(rivet);
  },
  rank: ({ u, v, facing, nearer }) => {
    const border = Math.max(Math.abs(u - 0.5) / 0.4, Math.abs(v - 0.5) / 0.42);
    const isRim = border > 0.93;
    return nearer + 0.5 * facing + (isRim ? 0.9 : 0) + (border > 0.88 && !isRim ? -0.7 : 0);
  },
  areaBelow: [0, 0.06, 0.2, 0.48, 0.72, 0.86, 0.93, 1],
  spots: [{ name: 'emblem', discs: [{ u: 0.5, v: 0.52, wide: 0.15, high: 0.15 }] }],
});
