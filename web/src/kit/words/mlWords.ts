/** @example mlWords(0.437) // → '0.44 ml' @example mlWords(2.96) // → '3.0 ml' */
export function mlWords(ml: number): string {
  if (ml < 0.01) return 'under 0.01 ml';
  return `${ml < 1 ? ml.toFixed(2) : ml.toFixed(1)} ml`;
}
