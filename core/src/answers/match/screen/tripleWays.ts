import { wholeParts } from './wholeParts';

/** Whole parts of three pots. */
export interface TripleWay {
  a: number;
  b: number;
  c: number;
  /** which way of mixing two pots a : b is */
  pairWay: number;
}

/** Every way to share out whole parts among three pots, up to a sum. */
export function tripleWaysOf(mostParts: number): TripleWay[] {
  if (mostParts < 3) return [];
  const pairWays = wholeParts(2, mostParts - 1);
  return wholeParts(3, mostParts).map(([a, b, c]) => ({
    a,
    b,
    c,
    pairWay: pairWays.findIndex(([one, other]) => one * b === other * a),
  }));
}
