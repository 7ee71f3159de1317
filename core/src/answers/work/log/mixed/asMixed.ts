import { flattenMix, type PotShare } from '../../../../written/recipe/flattenMix';
import { mostParts, type Mix, type MixPart } from '../../../../written/mix/mix';
import type { Recipe } from '../../../../written/recipe/recipe';
import type { Step } from '../../../../written/recipe/step';
import type { Brushed, Deviation, LogEntry } from '../entry';

/** A mix that was made in place of the one that is written, as a mix that can be written. */
export function mixOfBrushed({ pots, waterParts, mediumParts }: Brushed): Mix {
  return { parts: writtenParts(pots), waterParts, mediumParts };
}

/** The paint a line as it is written puts on the brush. @throws CarryError */
export function brushedOf({ mix }: Pick<Step, 'mix'>, earlier: readonly Step[]): Brushed {
  const { waterParts, mediumParts } = mix;
  return { pots: flattenMix(mix, earlier), waterParts, mediumParts };
}

/** Whether two were of the same pots in the same shares and thinned alike. */
export function isSameBrushed(one: Brushed, other: Brushed): boolean {
  if (one.pots.length !== other.pots.length) return false;
  const isNear = (a: number, b: number) => Math.abs(a - b) < 1e-4;
  return (
    isNear(one.waterParts, other.waterParts) &&
    isNear(one.mediumParts, other.mediumParts) &&
    one.pots.every(({ potId, share }) =>
      other.pots.some((pot) => pot.potId === potId && isNear(pot.share, share)),
    )
  );
}

/** Shares this near are the same mix: whole drops seldom meet written parts. */
const sameShare = 0.02;
const sameThinner = 0.1;

/** How a mix differs from the written one; nothing where it is the same to the eye. */
export function deviationsOf(brushed: Brushed, written: Brushed): Deviation[] {
  if (isSameBrushed(brushed, written)) return [];
  const shareOf = ({ pots }: Brushed, potId: string) =>
    pots.find((pot) => pot.potId === potId)?.share ?? 0;
  const ids = new Set([...brushed.pots, ...written.pots].map(({ potId }) => potId));
  const isOther = [...ids].some(
    (potId) => Math.abs(shareOf(brushed, potId) - shareOf(written, potId)) > sameShare,
  );
  const thinner = (mix: Brushed) => mix.waterParts + mix.mediumParts;
  const more = thinner(brushed) - thinner(written);
  const isFar = Math.abs(more) > sameThinner * (1 + thinner(written));
  return [
    ...(isOther ? (['improvised mix'] as const) : []),
    ...(isFar ? ([more > 0 ? 'more thinner' : 'less thinner'] as const) : []),
  ];
}

/**
 * A recipe with the mixes that are really on the table: where a line was mixed otherwise, that mix
 * stands on it, and what carries it forward carries what is there.
 *
 * @param entries of one bench, what counts of them, in their order
 */
export function asMixed(recipe: Recipe, entries: readonly LogEntry[]): Recipe {
  const mixed = new Map<string, Mix | null>();
  for (const entry of entries)
    if (entry.kind === 'mixed' && entry.recipeId === recipe.id)
      mixed.set(entry.stepId, entry.differs.length > 0 ? mixOfBrushed(entry.brushed) : null);
  if (mixed.size === 0) return recipe;
  return {
    ...recipe,
    steps: recipe.steps.map((step) => ({ ...step, mix: mixed.get(step.id) ?? step.mix })),
  };
}

/** Most whole parts a painter would count out. */
const mostWhole = 12;

/** Shares as parts: the fewest whole ones that meet every share within a thousandth, else hundredths. */
function writtenParts(pots: readonly PotShare[]): MixPart[] {
  for (let total = pots.length; total <= mostWhole * pots.length; total++) {
    const parts = pots.map(({ share }) => Math.round(share * total));
    const isMet = pots.every(({ share }, i) => Math.abs(parts[i] / total - share) < 1e-3);
    if (isMet && parts.every((count) => count > 0))
      return pots.map(({ potId }, i) => ({ from: 'pot', potId, parts: parts[i] }));
  }
  return pots.map(({ potId, share }) => ({
    from: 'pot',
    potId,
    parts: Math.max(0.001, Math.round(share * mostParts * 1000) / 1000),
  }));
}
