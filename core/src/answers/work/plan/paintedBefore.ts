/** The state of one surface of one model before a plan begins. */
export interface PaintedSurface {
  /** coats that are on it or are not to come, as `line coat` */
  coats: ReadonlySet<string>;
  /** when it is dry, milliseconds since 1970; 0 where it is */
  driesAt: number;
  /** nobody can take hold of its body until then */
  holdsBody: boolean;
}

/** By `paintedKey`; what is not in it is bare. */
export type PaintedBefore = ReadonlyMap<string, PaintedSurface>;

export const paintedKey = (unitId: string, surfaceId: string, model: number) =>
  `${unitId} ${surfaceId} ${model}`;
