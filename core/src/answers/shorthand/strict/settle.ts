import { techniqueNames, techniqueOf } from '../../../written/technique/techniques';
import { aroundStop } from './placeClauses';
import type { Beside } from '../said';
import { put, type FactAt, type Settling } from './settling';
import { settleParts } from './settleParts';
import { settleThinner } from './settleThinner';

/** Puts the facts of a sentence together, and finds where they contradict each other. */
export function settle(facts: readonly FactAt[], beside: Beside): Settling {
  const settling: Settling = { said: { parts: [] }, marks: [], rough: [] };
  for (const { fact, span } of facts) {
    if ('set' in fact) put(settling, fact.set, span);
    if ('technique' in fact) put(settling, { technique: fact.technique }, span);
  }
  settleParts(settling, facts, beside);
  settleStops(settling, facts);
  settleTechnique(settling, facts);
  const { like = beside.above.length } = settling.said;
  settleThinner(settling, facts, { ...beside, above: beside.above.slice(0, like) });
  return settling;
}

/** “Edges” alone is a way of painting them, unless one was said: then it is where. */
function settleStops(settling: Settling, facts: readonly FactAt[]): void {
  const { said } = settling;
  for (const { fact, span } of facts) {
    if (!('bareStop' in fact)) continue;
    const named = techniqueNames.find((name) => techniqueOf(name).saidOfStop === fact.bareStop);
    if (named && !said.technique) said.technique = named;
    else put(settling, { tone: aroundStop(fact.bareStop) }, span);
  }
}

/** A tone that ends below here is in the recesses and shadows. */
const lowUpTo = 0.4;

/** “Wash” in the recesses is another technique than a wash over everything. */
function settleTechnique({ said }: Settling, facts: readonly FactAt[]): void {
  for (const { fact } of facts) {
    if (!('technique' in fact)) continue;
    const meant = (where: 'low' | 'up') =>
      techniqueNames.find((name) => techniqueOf(name).saidWhere?.[where]?.includes(fact.word));
    if (said.tone && said.tone.to <= lowUpTo) said.technique = meant('low') ?? said.technique;
    const fromAbove = said.facing?.side === 'up' ? meant('up') : undefined;
    if (!fromAbove) continue;
    said.technique = fromAbove;
    delete said.facing;
  }
}
