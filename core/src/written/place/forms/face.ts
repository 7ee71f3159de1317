import { dome, form, swelling } from './form';

/** Brow, nose, cheeks, lips and chin stand out of an egg; the sockets are sunk into it. */
const features = (u: number, v: number): number => {
  const out = (at: readonly [number, number], wide: number, high: number, by: number) =>
    by * swelling(u, v, at, wide, high);
  const both = (at: readonly [number, number], wide: number, high: number, by: number) =>
    out(at, wide, high, by) + out([1 - at[0], at[1]], wide, high, by);
  const mouthLine =
    -0.02 * Math.exp(-(((v - 0.295) / 0.008) ** 2)) * Math.exp(-(((u - 0.5) / 0.085) ** 4));
  return (
    both([0.37, 0.655], 0.17, 0.06, 0.05) +
    both([0.37, 0.575], 0.11, 0.055, -0.06) +
    both([0.37, 0.57], 0.055, 0.035, 0.035) +
    out([0.5, 0.52], 0.055, 0.17, 0.075) +
    out([0.5, 0.425], 0.1, 0.06, 0.06) +
    both([0.31, 0.45], 0.14, 0.11, 0.06) +
    out([0.5, 0.295], 0.14, 0.055, 0.045) +
    out([0.5, 0.165], 0.13, 0.08, 0.055) +
    mouthLine
  );
};

export const face = form({
  listedAt: 7,
  label: 'face',
  tells: 'brow, cheeks, nose, lips and chin, with sockets between them',
  height: (u, v) => {
    const jaw = 0.36 - 0.65 * Math.max(0, 0.45 - v) ** 2;
    const skull = dome(u, v, jaw, 0.47, 2.2);
    if (skull === null) return null;
    return 0.36 * skull + features(u, v) * Math.min(1, 1.6 * skull);
  },
  rank: ({ u, v, facing, nearer }) => 7 * features(u, v) + 0.8 * facing + 0.3 * nearer,
  areaBelow: [0, 0.07, 0.22, 0.48, 0.72, 0.89, 0.975, 1],
  stands: [0.86, 1],
  spots: [
    {
      name: 'brow',
      softness: 0.7,
      discs: [
        { u: 0.37, v: 0.665, wide: 0.12, high: 0.035 },
        { u: 0.63, v: 0.665, wide: 0.12, high: 0.035 },
      ],
    },
    {
      name: 'cheeks',
      asks: 'warm',
      softness: 0.7,
      discs: [
        { u: 0.29, v: 0.44, wide: 0.085, high: 0.075 },
        { u: 0.71, v: 0.44, wide: 0.085, high: 0.075 },
      ],
    },
    {
      name: 'nose',
      asks: 'warm',
      softness: 0.7,
      discs: [{ u: 0.5, v: 0.44, wide: 0.075, high: 0.06 }],
    },
    {
      name: 'lips',
      asks: 'warm',
      softness: 0.15,
      discs: [{ u: 0.5, v: 0.295, wide: 0.115, high: 0.042 }],
    },
    { name: 'chin', softness: 0.7, discs: [{ u: 0.5, v: 0.16, wide: 0.1, high: 0.06 }] },
    {
      name: 'sockets',
      asks: 'dark',
      softness: 0.7,
      discs: [
        { u: 0.37, v: 0.58, wide: 0.09, high: 0.05 },
        { u: 0.63, v: 0.58, wide: 0.09, high: 0.05 },
      ],
    },
    {
      name: 'jaw and upper lip',
      softness: 0.7,
      discs: [
        { u: 0.5, v: 0.36, wide: 0.1, high: 0.022 },
        { u: 0.37, v: 0.22, wide: 0.075, high: 0.1 },
        { u: 0.63, v: 0.22, wide: 0.075, high: 0.1 },
        { u: 0.5, v: 0.14, wide: 0.15, high: 0.075 },
      ],
    },
  ],
});
