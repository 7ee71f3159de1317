import type { FigurePlace } from '../work/army/figurePlaces';

/** A point or a direction in the figure's own frame: to its left, up, to its front. */
export type Vector = readonly [left: number, up: number, front: number];

/** A figure is 1 high, from the ground to the crown of its head. Our own, coarse as its places are. */
export const placePoints: Record<FigurePlace, readonly Vector[]> = {
  face: [[0, 0.88, 0.09]],
  headgear: [[0, 0.96, 0.03]],
  chest: [[0, 0.66, 0.13]],
  arms: [
    [0.2, 0.62, 0.04],
    [-0.2, 0.62, 0.04],
  ],
  hands: [
    [0.24, 0.46, 0.12],
    [-0.24, 0.46, 0.12],
  ],
  weapon: [[-0.27, 0.6, 0.14]],
  held: [[0.27, 0.38, 0.14]],
  mantle: [[0, 0.6, -0.14]],
  belt: [[0, 0.5, 0.13]],
  skirts: [[0, 0.36, 0.13]],
  legs: [
    [0.07, 0.2, 0.08],
    [-0.07, 0.2, 0.08],
  ],
  boots: [
    [0.08, 0.04, 0.1],
    [-0.08, 0.04, 0.1],
  ],
  ground: [[0, 0, 0.1]],
};

/** The trunk light does not pass through: an upright column from the knees to the head. */
const trunk = { from: 0.15, to: 0.85, radius: 0.095 };
/** Points looked at between a place and a light. */
const steps = 24;

/** Whether the figure's own body stands between a place and a light. */
export function isShadowed(place: Vector, light: Vector): boolean {
  for (let step = 1; step < steps; step++) {
    const share = step / steps;
    const [x, y, z] = place.map((each, axis) => each + share * (light[axis] - each));
    const isInside = y > trunk.from && y < trunk.to && Math.hypot(x, z) < trunk.radius;
    if (isInside) return true;
  }
  return false;
}

export const lengthOf = ([x, y, z]: Vector): number => Math.hypot(x, y, z);

/** The way from one point to another, one long; straight up where they are the same. */
export function towards(from: Vector, to: Vector): Vector {
  const way: Vector = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const length = lengthOf(way);
  return length < 1e-9 ? [0, 1, 0] : [way[0] / length, way[1] / length, way[2] / length];
}

export const distance = (one: Vector, other: Vector): number =>
  Math.hypot(one[0] - other[0], one[1] - other[1], one[2] - other[2]);
