import type { Mix } from '../mix/mix';
import type { Recipe } from './recipe';
import { includedSteps } from './includedSteps';
import type { Step } from './step';
import { techniqueOf } from '../technique/techniques';

/** Where a part of a mix comes from, followed back to the pots. */
export interface MixOrigin {
  source: { from: 'pot'; potId: string } | { from: 'step'; stepId: string };
  /** parts as written in the mix it is a part of */
  parts: number;
  /** share of the mix the tree is of, above 0 and up to 1 */
  share: number;
  /** what a carried-forward mix was itself mixed from; none for a pot */
  from: MixOrigin[];
}

/** Trees deeper than this are cut; the shares stay right, as `flattenMix` gives them. */
const deepest = 12;

/**
 * The tree of mixes a mix came from.
 *
 * @param earlier the steps above it
 * @returns its parts, each with what it was mixed from
 */
export function mixLineage(mix: Mix, earlier: readonly Step[]): MixOrigin[] {
  return originsOf(mix, 1, earlier, deepest);
}

function originsOf(mix: Mix, whole: number, earlier: readonly Step[], left: number): MixOrigin[] {
  const total = mix.parts.reduce((sum, { parts }) => sum + parts, 0);
  return mix.parts.map((part): MixOrigin => {
    const share = (whole * part.parts) / total;
    if (part.from === 'pot')
      return { source: { from: 'pot', potId: part.potId }, parts: part.parts, share, from: [] };
    const index = earlier.findIndex(({ id }) => id === part.stepId);
    const inner = earlier[index];
    return {
      source: { from: 'step', stepId: part.stepId },
      parts: part.parts,
      share,
      from: inner && left > 0 ? originsOf(inner.mix, share, earlier.slice(0, index), left - 1) : [],
    };
  });
}

/** Until when a mix has to stay wet on the palette. */
export interface StaysWet {
  stepId: string;
  /** the last later line that needs it; null when it may dry as soon as its line is done */
  untilStepId: string | null;
  /** that line draws from it, or is blended into it while it is wet */
  because: 'carried' | 'blended' | null;
}

/**
 * Until which line each mix must stay wet: the last painted line that carries it forward, or that
 * is blended wet into it where it was laid just before.
 */
export function staysWetUntil(recipe: Recipe): StaysWet[] {
  const painted = includedSteps(recipe);
  return recipe.steps.map(({ id }): StaysWet => {
    const carrier = painted.findLast(({ mix }) =>
      mix.parts.some((part) => part.from === 'step' && part.stepId === id),
    );
    const next = painted[painted.findIndex((step) => step.id === id) + 1];
    if (carrier) return { stepId: id, untilStepId: carrier.id, because: 'carried' };
    const isInto = next && techniqueOf(next.technique);
    if (isInto?.goesOnWet && !isInto.lifts && painted.some((step) => step.id === id))
      return { stepId: id, untilStepId: next.id, because: 'blended' };
    return { stepId: id, untilStepId: null, because: null };
  });
}
