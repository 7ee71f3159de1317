/**
 * The tone axis runs over every surface of a figure from its deepest recess (0) to its sharpest
 * light-catching point (1). The named stops are where painters aim.
 */
export const toneStops = [
  { name: 'pit', at: 0 },
  { name: 'recess', at: 0.15 },
  { name: 'shadow', at: 0.32 },
  { name: 'mid', at: 0.5 },
  { name: 'raised', at: 0.66 },
  { name: 'crown', at: 0.8 },
  { name: 'edge', at: 0.92 },
  { name: 'point', at: 1 },
] as const;

export type ToneStopName = (typeof toneStops)[number]['name'];

/** How finely each stretch between two named stops is divided, so that 24 stops make the ribbon. */
const divisions = [3, 3, 4, 4, 3, 3, 3];

/** The 24 places a build-up is worked out at; every named stop is one of them. */
export const ribbonStops: readonly number[] = toneStops.flatMap(({ at }, index) => {
  const next = toneStops[index + 1];
  if (!next) return [at];
  return Array.from(
    { length: divisions[index] },
    (_, i) => at + ((next.at - at) * i) / divisions[index],
  );
});

/** The named stop nearest to a place on the axis. @example nearestStop(0.6).name // → 'raised' */
export function nearestStop(at: number): (typeof toneStops)[number] {
  return toneStops.reduce((best, stop) =>
    Math.abs(stop.at - at) < Math.abs(best.at - at) ? stop : best,
  );
}

/** Where a named stop is on the axis, 0–1. @example placeOf('crown') // → 0.8 */
export function placeOf(name: ToneStopName): number {
  return toneStops.find((stop) => stop.name === name)?.at ?? 0;
}
