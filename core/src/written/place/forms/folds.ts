import { dome, form } from './form';

const ridges = (u: number, v: number) =>
  Math.cos((u + 0.1 * Math.sin(3.1 * v + 0.4)) * Math.PI * 7) * (0.5 + 0.5 * (1 - v));

export const folds = form({
  listedAt: 1,
  label: 'folds',
  tells: 'cloth that hangs: deep valleys, ridges that catch the light',
  height: (u, v) => {
    const body = dome(u, v, 0.46, 0.48, 3);
    return body === null ? null : 0.34 * body + 0.07 * ridges(u, v) * Math.sqrt(body);
  },
  rank: ({ u, v, facing, nearer }) => 0.62 * ridges(u, v) + 0.55 * facing + 0.2 * nearer,
  areaBelow: [0, 0.1, 0.28, 0.55, 0.76, 0.9, 0.97, 1],
  along: (_u, v) => 1 - v,
  ends: ['collar', 'hem'],
  hasBack: true,
});
