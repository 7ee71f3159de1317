/** Where a light comes from. Left and right are the figure's own, so left is the picture's right. */
export const lightDirections = {
  above: [0, 0.85, 0.53],
  left: [0.8, 0.35, 0.48],
  right: [-0.8, 0.35, 0.48],
  front: [0, 0.3, 0.954],
  below: [0, -0.85, 0.53],
} as const;

export type LightDirection = keyof typeof lightDirections;
export const lightNames = Object.keys(lightDirections) as [LightDirection, ...LightDirection[]];

/** Light that nobody has said anything of. */
export const usualLight: LightDirection = 'above';

/**
 * A place as a light finds it: how far it faces that light and how near it is to it. Planes seen
 * from the front all turn their side to a light from straight above, so the slant of the light as
 * it is drawn is left out.
 *
 * @param u to the right of the picture, 0–1; @param v upwards, 0–1
 * @param normal unit normal: right, up, towards the eye
 * @returns `facing` −1 to 1; `nearer` 0 far from it to 1; `across` the other way about, 0–1
 */
export function litBy(
  light: LightDirection,
  u: number,
  v: number,
  [x, y, z]: readonly [number, number, number],
): { facing: number; nearer: number; across: number } {
  switch (light) {
    case 'above':
      return { facing: y, nearer: v, across: u };
    case 'below':
      return { facing: -y, nearer: 1 - v, across: u };
    case 'left':
      return { facing: x, nearer: u, across: v };
    case 'right':
      return { facing: -x, nearer: 1 - u, across: v };
    case 'front':
      return { facing: 2 * z - 1, nearer: v, across: u };
  }
}
