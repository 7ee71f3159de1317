/**
 * Hiding in five everyday steps, for a painter who has no card to measure it with. `hiding` is the
 * figure a level stands for; a pot between two levels is called by the nearer one.
 */
export const hidingLevels = [
  { name: 'tint', hiding: 0.05, tells: 'colours what is below, hides nothing' },
  { name: 'very thin', hiding: 0.25, tells: 'the stripe shows plainly through' },
  { name: 'thin', hiding: 0.5, tells: 'three or four coats to hide the stripe' },
  { name: 'good', hiding: 0.75, tells: 'two coats hide the stripe' },
  { name: 'opaque', hiding: 0.95, tells: 'one coat hides the stripe' },
] as const;

export type HidingLevel = (typeof hidingLevels)[number];

/** The level nearest to a hiding of 0–1. @example hidingLevelOf(0.7).name // → 'good' */
export function hidingLevelOf(hiding: number): HidingLevel {
  return hidingLevels.reduce((best, level) =>
    Math.abs(level.hiding - hiding) < Math.abs(best.hiding - hiding) ? level : best,
  );
}
