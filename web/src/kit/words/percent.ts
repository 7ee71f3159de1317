/** @example percent(0.125) // → '12.5 %' */
export function percent(share: number): string {
  return `${Math.round(share * 1000) / 10} %`;
}
