import { form } from './form';

/** It comes in thick at the upper left and curls to a tip at the right. */
const points = 56;
const path = Array.from({ length: points + 1 }, (_, i) => {
  const along = i / points;
  return {
    u: 0.2 + 0.62 * along - 0.1 * Math.sin(2 * Math.PI * along),
    v: 0.84 - 0.68 * Math.sin(0.5 * Math.PI * along) + 0.5 * along ** 3,
  };
});

const wideAt = (along: number) => 0.135 * (1 - along) + 0.02;

/** Where along it a place lies, and how far round: 0 on its back to 1 at its side. */
function onTail(u: number, v: number) {
  let best = { along: 0, round: Infinity };
  for (let i = 0; i < points; i++) {
    const from = path[i];
    const to = path[i + 1];
    const [du, dv] = [to.u - from.u, to.v - from.v];
    const reached = ((u - from.u) * du + (v - from.v) * dv) / (du * du + dv * dv);
    const part = Math.min(1, Math.max(0, reached));
    const along = (i + part) / points;
    const round = Math.hypot(u - from.u - part * du, v - from.v - part * dv) / wideAt(along);
    if (round < best.round) best = { along, round };
  }
  return best.round < 1 ? best : null;
}

export const tail = form({
  listedAt: 9,
  label: 'tail or tentacle',
  tells: 'round and long: from a thick root to a thin tip',
  height: (u, v) => {
    const on = onTail(u, v);
    if (!on) return null;
    return 0.06 + 1.1 * wideAt(on.along) * Math.sqrt(1 - on.round ** 2);
  },
  rank: ({ facing, nearer }) => facing + 0.25 * nearer,
  areaBelow: [0, 0.08, 0.25, 0.5, 0.72, 0.89, 0.975, 1],
  along: (u, v) => onTail(u, v)?.along ?? 0,
  ends: ['root', 'tip'],
  hasBack: true,
});
