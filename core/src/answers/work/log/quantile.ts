/**
 * A quantile of figures in rising order; between the two nearest where it falls between them.
 *
 * @param sorted at least one figure
 * @param share 0–1
 * @example quantile([1, 2, 4], 0.5) // → 2
 */
export function quantile(sorted: readonly number[], share: number): number {
  const at = share * (sorted.length - 1);
  const low = Math.floor(at);
  const high = Math.ceil(at);
  return sorted[low] + (at - low) * (sorted[high] - sorted[low]);
}
