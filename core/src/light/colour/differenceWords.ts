/**
 * A colour difference in words, for somebody with two models in their hands.
 *
 * @param difference ΔE00, 0 or more
 * @example differenceWords(0.6) // → 'nobody will see it'
 */
export function differenceWords(difference: number): string {
  if (difference < 1) return 'nobody will see it';
  if (difference < 2.5) return 'barely visible side by side';
  if (difference < 5) return 'you would see it side by side';
  return difference < 10 ? 'clearly different' : 'another colour';
}
