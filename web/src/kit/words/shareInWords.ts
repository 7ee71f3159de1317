/** A share of a surface, as near as an eye can tell. @example shareInWords(0.004) // → 'under 1 %' */
export function shareInWords(share: number): string {
  if (share > 0 && share < 0.01) return 'under 1 %';
  return `${Math.round(share * 100)} %`;
}
