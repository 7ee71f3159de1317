/** From one hue to another the short way round, degrees −180 to 180. @example hueApart(350, 10) // → 20 */
export function hueApart(from: number, to: number): number {
  return ((((to - from) % 360) + 540) % 360) - 180;
}
