import { mostParts, type Mix, type MixPart } from '../../written/mix/mix';
import type { Shelf } from './mixedPaint';

/** Drops of each part’s brushful; null where one is a carried mix or nobody has counted it. */
function brushfulDropsOf({ parts }: Pick<Mix, 'parts'>, shelf: Shelf): number[] | null {
  const drops = parts.map((part) =>
    part.from === 'pot' ? shelf.get(part.potId)?.brushfulDrops : undefined,
  );
  return drops.every((each) => each !== undefined) ? drops : null;
}

/**
 * Parts that were counted in brushfuls as parts of paint: a brushful of a thick paint holds more
 * drops than one of an ink.
 *
 * @returns null where the drops of a brushful are not known of every pot
 * @example 1 brushful of 4 drops and 1 of 2 // → 2 parts and 1 part
 */
export function partsFromBrushfuls(mix: Pick<Mix, 'parts'>, shelf: Shelf): MixPart[] | null {
  const drops = brushfulDropsOf(mix, shelf);
  if (!drops) return null;
  const figures = mix.parts.map(({ parts }, index) => parts * drops[index]);
  return scaled(mix.parts, figures);
}

/** The same mix counted out in brushfuls: as many of each as hold its parts, the least being one. */
export function brushfulsOf(mix: Pick<Mix, 'parts'>, shelf: Shelf): MixPart[] | null {
  const drops = brushfulDropsOf(mix, shelf);
  if (!drops) return null;
  const figures = mix.parts.map(({ parts }, index) => parts / drops[index]);
  return scaled(mix.parts, figures);
}

/** So that the smallest is 1, and none is more than a mix takes. */
function scaled(parts: readonly MixPart[], figures: readonly number[]): MixPart[] {
  const times = Math.min(1 / Math.min(...figures), mostParts / Math.max(...figures));
  return parts.map((part, index) => ({
    ...part,
    parts: Math.round(figures[index] * times * 100) / 100,
  }));
}
