import type { Beside } from '../said';
import { wordsOf } from '../words';
import type { Chunk } from './chunk';
import { edgesAt } from './edges';
import { mixNameAt } from './mixNames';
import { fits, type Before } from './fits';

interface Reached extends Before {
  score: number;
  before: Reached | null;
}

/**
 * The reading of a sentence that explains most: of all ways to part it into runs of words with a
 * meaning each, the one whose runs and neighbours score highest.
 *
 * @source the Viterbi algorithm over a word lattice
 */
export function bestPath(sentence: string, beside: Beside): Chunk[] {
  const words = wordsOf(sentence);
  const named = mixNameAt(sentence);
  const isNamed = ({ from, to }: Chunk) => named !== null && named.from <= from && to <= named.to;
  const reached: Reached[][] = Array.from({ length: words.length + 1 }, () => []);
  for (let at = 0; at < words.length; at++) {
    if (at > 0 && reached[at].length === 0) continue;
    for (const chunk of edgesAt(words, at, beside)) {
      // “… for a light green” is what it makes, and no pot.
      if (chunk.kind === 'pot' && isNamed(chunk)) continue;
      let best: Reached | null = null;
      for (const before of at === 0 ? [null] : reached[at]) {
        const score = (before?.score ?? 0) + chunk.score + fits(chunk, before);
        if (!best || score > best.score) best = { score, before, chunk };
      }
      if (best) reached[at + chunk.length].push(best);
    }
  }
  const ends = reached[words.length];
  let best: Reached | null = null;
  for (const end of ends) if (!best || end.score > best.score) best = end;
  const path: Chunk[] = [];
  for (let each = best; each; each = each.before) path.unshift(each.chunk);
  return path;
}
