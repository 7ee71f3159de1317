/** RGBA bytes, row by row from the upper left corner. */
export interface Pixels {
  width: number;
  height: number;
  data: Uint8ClampedArray;
}
