import { form } from './form';

/** A finger from its knuckle to its tip: where it begins, which way it points, how long and wide. */
const fingers = [
  { u: 0.345, v: 0.52, lean: -0.2, long: 0.3, wide: 0.052 },
  { u: 0.455, v: 0.55, lean: -0.05, long: 0.38, wide: 0.054 },
  { u: 0.565, v: 0.545, lean: 0.06, long: 0.35, wide: 0.052 },
  { u: 0.665, v: 0.51, lean: 0.2, long: 0.26, wide: 0.046 },
  { u: 0.3, v: 0.3, lean: -0.85, long: 0.26, wide: 0.06 },
] as const;

/** How far round a finger a place lies, 0 at its middle line to 1 at its side; null beside it. */
function onFinger({ u, v, lean, long, wide }: (typeof fingers)[number], atU: number, atV: number) {
  const dx = atU - u;
  const dy = atV - v;
  const up = dx * Math.sin(lean) + dy * Math.cos(lean);
  const side = dx * Math.cos(lean) - dy * Math.sin(lean);
  const past = Math.max(0, up - long, -up - 0.12);
  const round = Math.hypot(side, past) / (wide * (1 - 0.25 * Math.max(0, up / long)));
  return round < 1 ? { round, up: up / long } : null;
}

/** How high each of its three knuckles stands along a finger. */
const knuckleAt = (up: number) =>
  [0.02, 0.42, 0.74].reduce((sum, at) => sum + Math.exp(-(((up - at) / 0.07) ** 2)), 0);

function palmAt(u: number, v: number): number | null {
  const width = 0.17 + 0.045 * Math.min(1, Math.max(0, (v - 0.12) / 0.35));
  const x = Math.abs(u - 0.505) / width;
  if (x >= 1 || v < 0.03 || v > 0.57) return null;
  const end = Math.min(1, (0.57 - v) / 0.08);
  return 0.17 * Math.sqrt(1 - x * x) * Math.sqrt(end);
}

/** Four of them fan out over the back of the hand, faint at the wrist. */
const tendons = (u: number, v: number) => {
  const spread = 0.075 + 0.035 * Math.min(1, Math.max(0, v / 0.55));
  const fades = Math.min(1, Math.max(0, (v - 0.15) / 0.3));
  return 0.25 * fades * Math.cos(((u - 0.4) / spread) * 2 * Math.PI);
};

export const hand = form({
  listedAt: 8,
  label: 'hand',
  tells: 'a back with tendons, four fingers and a thumb, knuckles that catch the light',
  height: (u, v) => {
    let out = palmAt(u, v);
    for (const finger of fingers) {
      const on = onFinger(finger, u, v);
      if (!on) continue;
      const round = Math.sqrt(1 - on.round ** 2) * (0.1 + 0.012 * knuckleAt(on.up)) + 0.06;
      out = Math.max(out ?? 0, round);
    }
    return out;
  },
  rank: ({ u, v, facing, nearer }) => {
    const on = fingers.map((finger) => onFinger(finger, u, v)).find((each) => each !== null);
    const relief = on ? 0.7 * (1 - on.round) + 0.3 * knuckleAt(on.up) : tendons(u, v);
    return relief + 0.7 * facing + 0.2 * nearer;
  },
  areaBelow: [0, 0.09, 0.26, 0.5, 0.72, 0.88, 0.97, 1],
  along: (_u, v) => v,
  ends: ['wrist', 'fingertips'],
  hasBack: true,
  spots: [
    {
      name: 'knuckles',
      asks: 'warm',
      softness: 0.7,
      discs: fingers.map(({ u, v }) => ({ u, v: v + 0.01, wide: 0.045, high: 0.035 })),
    },
    {
      name: 'nails',
      discs: fingers.map(({ u, v, lean, long }) => ({
        u: u + 0.93 * long * Math.sin(lean),
        v: v + 0.93 * long * Math.cos(lean),
        wide: 0.025,
        high: 0.03,
      })),
    },
  ],
});
