import type { Beside } from '../said';
import { small } from '../words';
import type { Chunk } from './chunk';

/** A spot of a usual size that a part of the body or kit would be. */
export interface SpotSaid {
  name: string;
  /** of the area of the surface */
  share: number;
}

const usualShare = 0.06;
/** Parts that are small on any surface, and large ones; our own starting point. */
const shares: [RegExp, number][] = [
  [/rivet|stud|screw|button|eye|pupil|tooth|teeth|fang|nail|wart|gem|lens|dial/u, 0.02],
  [/lip|nose|ear|knuckle|finger|claw|strap|buckle|seam|stitch|hem|trim|scar|vein/u, 0.04],
  [/face|hand|foot|feet|wing|membrane|cloak|cape|chest|back|belly|leg|arm/u, 0.25],
];

/** Words that are of the whole surface or of nothing on it. */
const notSpots =
  /^(?:cloth|fabric|leather|skin|flesh|metal|wood|bone|hair|fur|armou?r|bits|base|model|coat|cloak)s?$/u;

/** Parts of the body and kit a line is said to go on, and that are no spots of the recipe yet. */
export function spotsSaid(
  chunks: readonly Chunk[],
  { recipe: { spots = [] } }: Beside,
): SpotSaid[] {
  const known = new Set(spots.map(({ name }) => small(name)));
  return chunks.flatMap((chunk, index): SpotSaid[] => {
    if (chunk.kind !== 'body' || notSpots.test(chunk.text) || known.has(chunk.text)) return [];
    const isPlace = chunks
      .slice(0, index)
      .some(({ kind }) => kind === 'on' || kind === 'in' || kind === 'below' || kind === 'quiet');
    if (!isPlace) return [];
    known.add(chunk.text);
    const share = shares.find(([words]) => words.test(chunk.text))?.[1] ?? usualShare;
    return [{ name: chunk.text, share }];
  });
}
