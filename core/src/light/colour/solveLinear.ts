/**
 * Solves a square system of linear equations by Gaussian elimination with partial pivoting.
 * Both arguments are overwritten.
 *
 * @param matrix rows × rows figures, row after row
 * @param right the right-hand side
 * @returns the solution, in `right`
 * @throws RangeError when the system has no single solution
 */
export function solveLinear(matrix: Float64Array, right: Float64Array): Float64Array {
  const size = right.length;
  for (let column = 0; column < size; column++) {
    let pivot = column;
    for (let row = column + 1; row < size; row++)
      if (Math.abs(matrix[row * size + column]) > Math.abs(matrix[pivot * size + column]))
        pivot = row;
    const head = matrix[pivot * size + column];
    if (!(Math.abs(head) > 1e-300)) throw new RangeError('the system has no single solution');
    if (pivot !== column) {
      for (let k = column; k < size; k++) {
        const kept = matrix[column * size + k];
        matrix[column * size + k] = matrix[pivot * size + k];
        matrix[pivot * size + k] = kept;
      }
      const kept = right[column];
      right[column] = right[pivot];
      right[pivot] = kept;
    }
    for (let row = column + 1; row < size; row++) {
      const factor = matrix[row * size + column] / head;
      if (factor === 0) continue;
      for (let k = column; k < size; k++)
        matrix[row * size + k] -= factor * matrix[column * size + k];
      right[row] -= factor * right[column];
    }
  }
  for (let row = size - 1; row >= 0; row--) {
    let sum = right[row];
    for (let k = row + 1; k < size; k++) sum -= matrix[row * size + k] * right[k];
    right[row] = sum / matrix[row * size + row];
  }
  return right;
}
