/** A change with its sign, to one decimal. @example signed(-2.34) // → '−2.3' */
export function signed(figure: number): string {
  return `${figure > 0 ? '+' : figure < 0 ? '−' : ''}${Math.abs(figure).toFixed(1)}`;
}
