import { form } from './form';

/** Ribs fan out from the wrist at the upper left; membrane sags between them. */
const wrist = { u: 0.1, v: 0.9 };
const ribs = [0.02, -0.34, -0.7, -1.06, -1.5];
const reach = [0.86, 0.97, 0.98, 0.88, 0.78];

function onWing(u: number, v: number) {
  const dx = u - wrist.u;
  const dy = v - wrist.v;
  const far = Math.hypot(dx, dy);
  const angle = Math.atan2(dy, dx);
  const next = ribs.findIndex((rib) => rib <= angle);
  if (angle > ribs[0] + 0.03 || angle < ribs[ribs.length - 1] - 0.03) return null;
  const upper = Math.max(0, (next < 0 ? ribs.length : next) - 1);
  const lower = Math.min(ribs.length - 1, upper + 1);
  const wide = ribs[upper] - ribs[lower] || 1;
  const between = Math.min(1, Math.max(0, (ribs[upper] - angle) / wide));
  const edge = reach[upper] + (reach[lower] - reach[upper]) * between;
  // The hem hangs in a bow from rib to rib.
  const hem = edge * (1 - 0.14 * Math.sin(Math.PI * between));
  if (far > hem) return null;
  const toRib = Math.min(between, 1 - between) * wide * far;
  const isRib = toRib < 0.014 || far < 0.05;
  return { far: far / hem, between, isRib };
}

export const wing = form({
  listedAt: 10,
  label: 'wing membrane',
  tells: 'thin skin in panels between ribs, from the wrist to the hem',
  height: (u, v) => {
    const on = onWing(u, v);
    if (!on) return null;
    const sag = 0.05 * Math.sin(Math.PI * on.between) * on.far;
    return 0.2 - sag + (on.isRib ? 0.035 : 0);
  },
  rank: ({ u, v, facing, nearer }) => {
    const on = onWing(u, v);
    if (!on) return 0;
    const panel = -0.35 * Math.sin(Math.PI * on.between);
    return (on.isRib ? 0.9 : panel) + 0.4 * facing + 0.3 * nearer;
  },
  areaBelow: [0, 0.1, 0.28, 0.54, 0.76, 0.89, 0.96, 1],
  grain: (u, v) => Math.atan2(v - wrist.v, u - wrist.u),
  grainIsFaint: true,
  along: (u, v) => onWing(u, v)?.far ?? 0,
  ends: ['wrist', 'hem'],
  hasBack: true,
  spots: [
    {
      name: 'torn hem',
      discs: [
        { u: 0.8, v: 0.55, wide: 0.06, high: 0.06 },
        { u: 0.55, v: 0.19, wide: 0.06, high: 0.06 },
      ],
    },
  ],
});
