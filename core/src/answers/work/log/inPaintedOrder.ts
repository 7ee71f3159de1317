import { coatsOf } from '../../../written/recipe/includedSteps';
import { mostSteps, type Recipe } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import { brushedOf, isSameBrushed, mixOfBrushed } from './mixed/asMixed';
import { extraStep, someCoats, withCoats } from './stepAsDone';
import type { CoatEntry } from './entry';
import type { OnSurface } from './onFigure/onFigure';

/** Coats of one line with the same paint, with no other coat between them. */
interface Run {
  stepId: string;
  coats: CoatEntry[];
  /** coats of the line that went on before */
  before: number;
}

/** Whether the coats went on line after line, as the recipe lists them. */
export function isInWrittenOrder({ steps }: Recipe, on: OnSurface): boolean {
  const places = new Map(steps.map(({ id }, index) => [id, index]));
  const placeOf = (coat: CoatEntry) =>
    places.get(coat.stepId) ?? places.get(coat.after ?? '') ?? -1;
  const all = painted(on);
  return all.every((coat, i) => {
    const before = all[i - 1] as CoatEntry | undefined;
    if (!before || placeOf(before) < placeOf(coat)) return true;
    // An extra step follows its line, and the line does not go on after it.
    return placeOf(before) === placeOf(coat) && (coat.line === 0 || before.line !== 0);
  });
}

/**
 * A recipe whose lines are the coats of one surface in the order in which they went on: what lies on
 * it now. A line that was gone back to has a line for each time; the last of them has its id. Lines
 * that were found on the model lie below all of them; what was not painted is out.
 *
 * @param isFound whether a line counts as painted before the log begins
 * @throws CarryError
 */
export function inPaintedOrder(
  written: Recipe,
  on: OnSurface,
  isFound: (index: number) => boolean,
): Recipe {
  const runs = runsInTime(on);
  const last = new Map(runs.map((run) => [run.stepId, run]));
  const stepOf = new Map(written.steps.map((step) => [step.id, step]));
  // A mix carried forward is written out: its line may stand elsewhere now.
  const flat = written.steps.map((step, index) => ({
    ...step,
    mix: mixOfBrushed(brushedOf(step, written.steps.slice(0, index))),
  }));
  const others = flat.flatMap((step, index): Step[] =>
    last.has(step.id) ? [] : [isFound(index) ? step : { ...step, isOut: true }],
  );
  const steps = runs.map((run): Step => {
    const [first] = run.coats;
    const step = stepOf.get(run.stepId);
    const id = last.get(run.stepId) === run ? run.stepId : first.id;
    if (!step) return { ...extraStep(first), id, coats: run.coats.length };
    const planned = coatsOf(step, written.finishLevel);
    return {
      ...withCoats(step, run.coats.length, written.finishLevel),
      id,
      mix: mixOfBrushed(first.brushed),
      placement: someCoats(step.placement, planned, run.before, run.coats.length),
    };
  });
  return { ...written, steps: [...others, ...steps].slice(-mostSteps) };
}

const painted = (on: OnSurface): CoatEntry[] =>
  [...[...on.coats.values()].flat(), ...on.extras].sort((one, other) => one.order - other.order);

function runsInTime(on: OnSurface): Run[] {
  const runs: Run[] = [];
  const laid = new Map<string, number>();
  const lineOf = new Map(
    [...on.coats].flatMap(([stepId, coats]) => coats.map(({ id }) => [id, stepId] as const)),
  );
  for (const coat of painted(on)) {
    const stepId = lineOf.get(coat.id) ?? coat.stepId;
    const before = laid.get(stepId) ?? 0;
    const run = runs.at(-1);
    if (run && run.stepId === stepId && isSameBrushed(run.coats[0].brushed, coat.brushed))
      run.coats.push(coat);
    else runs.push({ stepId, coats: [coat], before });
    laid.set(stepId, before + 1);
  }
  return runs;
}
