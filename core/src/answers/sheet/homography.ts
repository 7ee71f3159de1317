import { solveLinear } from '../../light/colour/solveLinear';
import type { Place } from './sheetLayout';

/** From places on one plane to places on another, seen from anywhere. */
export type Homography = (place: Place) => Place;

/**
 * The homography that takes four places to four others.
 *
 * @throws RangeError where three of them lie on a line
 * @source R. Hartley and A. Zisserman, Multiple View Geometry (2004), 4.1: the direct linear
 *   transformation with the last figure held at 1
 */
export function homographyOf(from: readonly Place[], to: readonly Place[]): Homography {
  const matrix = new Float64Array(64);
  const right = new Float64Array(8);
  from.forEach(({ x, y }, index) => {
    const { x: u, y: v } = to[index];
    matrix.set([x, y, 1, 0, 0, 0, -u * x, -u * y], index * 16);
    matrix.set([0, 0, 0, x, y, 1, -v * x, -v * y], index * 16 + 8);
    right.set([u, v], index * 2);
  });
  const [a, b, c, d, e, f, g, h] = solveLinear(matrix, right);
  return ({ x, y }) => {
    const depth = g * x + h * y + 1;
    return { x: (a * x + b * y + c) / depth, y: (d * x + e * y + f) / depth };
  };
}
