/** A stretch of the tone axis, 0 the pit to 1 the sharpest point. */
export interface Band {
  from: number;
  to: number;
}

/**
 * Where painters’ words for places lie. Hollows are painted from the pit up to and with the place that
 * is named; what stands up from there to the point. A named stop lies well inside its band, fades
 * included.
 */
export const bands = {
  deepest: { from: 0, to: 0.12 },
  recess: { from: 0, to: 0.25 },
  shadow: { from: 0, to: 0.42 },
  mid: { from: 0.38, to: 0.62 },
  raised: { from: 0.6, to: 1 },
  crown: { from: 0.74, to: 1 },
  edge: { from: 0.87, to: 1 },
  tip: { from: 0.93, to: 1 },
} satisfies Record<string, Band>;
