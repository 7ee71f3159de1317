import { coatsOf } from '../../../written/recipe/includedSteps';
import { mostCoats, type Step } from '../../../written/recipe/step';
import { mostSteps, type Recipe } from '../../../written/recipe/recipe';
import { brushedOf, isSameBrushed, mixOfBrushed } from './mixed/asMixed';
import type { CoatEntry } from './entry';
import type { OnSurface } from './onFigure/onFigure';
import { inPaintedOrder, isInWrittenOrder } from './inPaintedOrder';
import { extraStep, isSplit, someCoats, withCoats } from './stepAsDone';
import { onTop } from './ownPart';
import { onWritten, runsOf } from './onFigure/onWritten';

/**
 * A recipe as it was really painted on one surface of one model: the coats that were put on, with
 * the paint that was on the brush, extra steps after the line they followed, what was skipped left
 * out. Lines that were found on the model count as written. Coats that did not go on in the order of
 * the recipe stand in the order in which they did.
 *
 * @param rest what becomes of lines that were not painted yet: left out, for what is on the figure
 *   now; as written, for what it is to become
 * @throws CarryError
 */
export function asDone(written: Recipe, found: OnSurface, rest: 'left out' | 'as written'): Recipe {
  // Coats from before another recipe went over them lie below that, in a layer of their own.
  const on = onWritten(written, rest === 'left out' ? onTop(written, found) : found);
  const foundTo = Math.max(
    -1,
    ...on.found.map(({ stepId }) => written.steps.findIndex(({ id }) => id === stepId)),
  );
  if (!isInWrittenOrder(written, on))
    return inPaintedOrder(written, on, { isFound: (index) => index <= foundTo, rest });
  const steps: Step[] = [];
  written.steps.forEach((step, index) => {
    const coats = on.coats.get(step.id) ?? [];
    const isToCome = rest === 'as written' && !on.skipped.has(step.id);
    if (coats.length > 0)
      steps.push(...asPainted(step, coats, steps, written.finishLevel, isToCome));
    else if (on.skipped.has(step.id)) steps.push({ ...step, isOut: true });
    else if (index <= foundTo || rest === 'as written') steps.push(step);
    else steps.push({ ...step, isOut: true });
    for (const extra of on.extras) if (extra.after === step.id) steps.push(extraStep(extra));
  });
  return { ...written, steps: steps.slice(0, mostSteps) };
}

/** The coats of one line; where the paint was changed between them, each paint has a line. */
function asPainted(
  step: Step,
  coats: readonly CoatEntry[],
  earlier: readonly Step[],
  level: Recipe['finishLevel'],
  isToCome: boolean,
): Step[] {
  const planned = coatsOf(step, level);
  const runs = runsOf(coats).flatMap((run) => splitAfter(step, planned, run));
  const asWritten = brushedOf(step, earlier);
  // Coats that are still to come go on with what was on the brush last.
  const toCome = isToCome ? Math.max(0, planned - coats.length) : 0;
  const countOf = (index: number) => runs[index].length + (index === runs.length - 1 ? toCome : 0);
  return runs.map((run, index) => ({
    ...withCoats(step, Math.min(mostCoats, countOf(index)), level),
    placement: someCoats(
      step.placement,
      planned,
      runs.slice(0, index).reduce((sum, { length }) => sum + length, coats[0].coat - 1),
      countOf(index),
    ),
    id: index === 0 ? step.id : run[0].id,
    mix: isSameBrushed(run[0].brushed, asWritten) ? step.mix : mixOfBrushed(run[0].brushed),
  }));
}

/** Coats beyond those planned of a line whose coats shrink: they go where the last of them went. */
function splitAfter(step: Step, planned: number, run: CoatEntry[]): CoatEntry[][] {
  const at = run.findIndex(({ coat }) => isSplit(step, planned, coat));
  return at <= 0 ? [run] : [run.slice(0, at), run.slice(at)];
}

/**
 * A recipe from the log alone, for a surface whose recipe is gone: a line for every line that was
 * painted, with the paint that was on the brush.
 *
 * @returns null where nothing was painted
 */
export function recipeFromLog(on: OnSurface, surface: Recipe['surface']): Recipe | null {
  const coats = [...on.coats.values()].flat();
  const first = coats.at(0);
  if (!first) return null;
  const byLine = [...on.coats.values()].sort((one, other) => one[0].line - other[0].line);
  const written: Recipe = {
    id: first.recipeId,
    name: first.recipeName,
    surface,
    groundPotId: first.groundPotId,
    finishLevel: 'display',
    models: 1,
    areaCm2: Math.max(0.1, Math.min(1000, first.areaCm2)),
    steps: byLine.map(([coat]) => ({ ...extraStep(coat), id: coat.stepId })),
    notes: '',
    archived: false,
  };
  return asDone(written, on, 'left out');
}
