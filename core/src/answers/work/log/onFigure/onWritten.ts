import type { Recipe } from '../../../../written/recipe/recipe';
import { isSameBrushed } from '../mixed/asMixed';
import type { CoatEntry } from '../entry';
import type { OnSurface } from './onFigure';
import { partedBy } from '../ownPart';

/** Coats of one line with the same paint on the brush, one after the other. */
export function runsOf(coats: readonly CoatEntry[]): CoatEntry[][] {
  const runs: CoatEntry[][] = [];
  for (const coat of coats) {
    const run = runs.at(-1);
    if (run && isSameBrushed(run[0].brushed, coat.brushed)) run.push(coat);
    else runs.push([coat]);
  }
  return runs;
}

/**
 * The layers on a surface for a recipe, by its lines, though it may differ from them: an extra step,
 * or a coat with another paint, that has become a line of its own counts for that line.
 */
export function onWritten(recipe: Recipe, noted: OnSurface): OnSurface {
  const { steps } = recipe;
  const on = partedBy(recipe, noted).own;
  const written = new Set(steps.map(({ id }) => id));
  const coats = new Map<string, CoatEntry[]>();
  const add = (stepId: string, more: readonly CoatEntry[]) =>
    coats.set(stepId, [...(coats.get(stepId) ?? []), ...more]);
  for (const [stepId, all] of on.coats)
    runsOf(all).forEach((run, index) =>
      add(index > 0 && written.has(run[0].id) ? run[0].id : stepId, run),
    );
  const extras = on.extras.filter(({ stepId }) => !written.has(stepId));
  for (const extra of on.extras) if (written.has(extra.stepId)) add(extra.stepId, [extra]);
  return { ...on, coats, extras };
}
