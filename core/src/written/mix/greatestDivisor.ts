/** The greatest whole number that divides both. @example greatestDivisor(6, 4) // → 2 */
export function greatestDivisor(one: number, other: number): number {
  return other === 0 ? one : greatestDivisor(other, one % other);
}
