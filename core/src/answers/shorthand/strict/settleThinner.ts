import { consistencies, stiffnessOf, thinnerFor } from '../../../predicted/paint/consistency';
import { flattenMix } from '../../../written/recipe/flattenMix';
import { mostThinner } from '../../../written/mix/mix';
import { partsWords } from '../../../written/mix/mixWords';
import type { SaidRatio } from './clause';
import { expectedThinner, isThinner } from './thinnerClauses';
import { partsFrom } from './partsFrom';
import type { Beside, Said } from '../said';
import { put, type FactAt, type Settling } from './settling';

/** How far the mix is thinned: ratios that are not of the pots, “like milk”, “a bit more water”. */
export function settleThinner(settling: Settling, facts: readonly FactAt[], beside: Beside): void {
  const { said, marks } = settling;
  settleCounted(settling, facts);
  const mixAbove = beside.above.at(-1)?.mix.parts.length;
  for (const { fact, span } of facts) {
    if (!('ratio' in fact)) continue;
    const { parts, thinner } = fact.ratio;
    const mayBePots = !thinner && said.parts.length === 0 && parts.length === mixAbove;
    if (mayBePots && parts.length > 1) {
      marks.push({ ...span, message: 'of the pots above, or of water? say “1 paint : 2 water”' });
      continue;
    }
    const thinned = thinnedBy(fact.ratio);
    if (typeof thinned === 'string') marks.push({ ...span, message: thinned, isOfRatio: true });
    else put(settling, thinned, span);
  }
  const { moreWater, moreMedium, consistency, ...rest } = said;
  const before = beside.above.at(-1)?.mix;
  if (moreWater) put(settling, { water: more(before?.waterParts ?? 0) }, wholeSpan(facts));
  if (moreMedium) put(settling, { medium: more(before?.mediumParts ?? 0) }, wholeSpan(facts));
  const meant = consistencies.find(({ name }) => name === consistency);
  if (!meant) return;
  const parts = partsFrom(rest, beside);
  const stiffness = stiffnessOf(
    flattenMix({ parts, waterParts: 0, mediumParts: 0 }, beside.above),
    beside.names.shelf,
  );
  const water = thinnerFor(meant.name, stiffness);
  put(settling, { water }, wholeSpan(facts));
  settling.rough.push({
    ...wholeSpan(facts),
    means: `${meant.name}: about 1 paint : ${water} water`,
  });
}

/**
 * “2 ochre + 1 umber + 3 water”: parts of the same mix, so as much water as paint. Where the pots are
 * not counted it is to 1 part of the mix, as it is written elsewhere.
 */
function settleCounted(settling: Settling, facts: readonly FactAt[]): void {
  const { said, marks, rough } = settling;
  const isNumbered = facts.some(({ fact }) => 'part' in fact && fact.part.parts !== undefined);
  const isInRatio = said.parts.some(({ parts }) => parts !== undefined);
  const counted = said.parts.reduce((sum, { parts = 1 }) => sum + parts, 0);
  for (const { fact, span } of facts) {
    if ('shareInMix' in fact) {
      const { thinner, percent } = fact.shareInMix;
      const each = percent / (100 - percent);
      if (!isThinner(each)) marks.push({ ...span, message: expectedThinner });
      else {
        put(settling, { [thinner]: each }, span);
        rough.push({ ...span, means: `of the whole, 1 paint : ${partsWords(each)} ${thinner}` });
      }
    }
    if (!('inMix' in fact)) continue;
    const { thinner, parts, isInParts } = fact.inMix;
    const isCounted = isNumbered || (isInParts === true && isInRatio);
    const paint = (isCounted && counted) || 1;
    const each = parts / paint;
    if (!isThinner(each)) {
      marks.push({ ...span, message: expectedThinner });
      continue;
    }
    put(settling, { [thinner]: each }, span);
    const means = isCounted
      ? `so many of the same parts, 1 paint : ${partsWords(each)} ${thinner}`
      : 'to 1 part of the mix';
    if (said.parts.length > 1 || paint > 1) rough.push({ ...span, means });
  }
}

const wholeSpan = (facts: readonly FactAt[]) => ({
  from: facts.at(0)?.span.from ?? 0,
  to: facts.at(-1)?.span.to ?? 0,
});

/** A bit more: a quarter more of it, in quarters of a part; our own starting point. */
const more = (parts: number) =>
  Math.min(mostThinner, parts + Math.max(0.25, Math.round(parts) / 4));

/** Water and medium to 1 part of paint; what is unclear of it in words. */
function thinnedBy({ parts, thinner = ['water'] }: SaidRatio): Partial<Said> | string {
  const [paint, ...thinners] = parts;
  if (thinners.length !== thinner.length)
    return 'of what? say the pots or the thinner it is of, one for each figure';
  if (!(paint > 0)) return 'parts of paint above 0';
  if (thinners.length === 1 && paint > thinners[0])
    return `which way round? say “1 paint : 2 ${thinner[0]}”`;
  const each = thinners.map((part) => part / paint);
  if (each.some((part) => part > mostThinner))
    return `0 to ${mostThinner} parts of thinner to 1 part of paint`;
  return Object.fromEntries(thinner.map((name, index) => [name, each[index]]));
}
