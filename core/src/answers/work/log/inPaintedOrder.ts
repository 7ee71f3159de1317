import { coatsOf } from '../../../written/recipe/includedSteps';
import { mostSteps, type Recipe } from '../../../written/recipe/recipe';
import type { Mix } from '../../../written/mix/mix';
import type { Step } from '../../../written/recipe/step';
import { brushedOf, isSameBrushed, mixOfBrushed } from './mixed/asMixed';
import { extraStep, isSplit, someCoats, withCoats } from './stepAsDone';
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
    if (placeOf(before) !== placeOf(coat)) return false;
    // An extra step follows its line, and the line does not go on after it.
    if (coat.line === 0 || before.line === 0) return coat.line === 0;
    return coat.coat === before.coat + 1;
  });
}

export interface PaintedOrderAsked {
  /** whether a line counts as painted before the log begins */
  isFound: (index: number) => boolean;
  /** what becomes of lines and coats that were not painted yet; as written, they follow at the end */
  rest: 'left out' | 'as written';
}

/**
 * A recipe whose lines are the coats of one surface in the order in which they went on. A line that
 * was gone back to has a line for each time; the last of them has its id. Lines that were found on the
 * model lie below all of them; what was left out is out.
 *
 * @throws CarryError
 */
export function inPaintedOrder(
  written: Recipe,
  on: OnSurface,
  { isFound, rest }: PaintedOrderAsked,
): Recipe {
  const runs = runsInTime(written, on);
  const last = new Map(runs.map((run) => [run.stepId, run]));
  const stepOf = new Map(written.steps.map((step) => [step.id, step]));
  const isToCome = ({ id }: Step) => rest === 'as written' && !on.skipped.has(id);
  // A mix carried forward is written out where its line stands elsewhere now.
  const flat = new Map(
    written.steps.map((step, index) => [
      step.id,
      mixOfBrushed(brushedOf(step, written.steps.slice(0, index))),
    ]),
  );
  const steps: Step[] = written.steps.flatMap((step, index): Step[] => {
    if (last.has(step.id) || (isToCome(step) && !isFound(index))) return [];
    const mix = flat.get(step.id) ?? step.mix;
    return [isFound(index) ? { ...step, mix } : { ...step, mix, isOut: true }];
  });
  const level = written.finishLevel;
  for (const run of runs) {
    const [first] = run.coats;
    const step = stepOf.get(run.stepId);
    const planned = step ? coatsOf(step, level) : 0;
    const isMore = step && isToCome(step) && run.before + run.coats.length < planned;
    const isLast = last.get(run.stepId) === run && !isMore;
    const id = isLast ? run.stepId : first.id;
    if (!step) steps.push({ ...extraStep(first), id, coats: run.coats.length });
    else
      steps.push({
        ...withCoats(step, run.coats.length, level),
        id,
        mix: asCarried(step, first.brushed, steps),
        placement: someCoats(step.placement, planned, run.before, run.coats.length),
      });
  }
  for (const [index, step] of written.steps.entries()) {
    const run = last.get(step.id);
    const before = run ? run.before + run.coats.length : 0;
    const planned = coatsOf(step, level);
    if (!isToCome(step) || before >= planned || (!run && isFound(index))) continue;
    // Coats that are still to come go on with what was on the brush last.
    const brushed = run?.coats[0].brushed ?? brushedOf(step, written.steps.slice(0, index));
    const mix = asCarried(step, brushed, steps);
    const placement = someCoats(step.placement, planned, before, planned - before);
    steps.push(
      run ? { ...withCoats(step, planned - before, level), mix, placement } : { ...step, mix },
    );
  }
  return { ...written, steps: steps.slice(-mostSteps) };
}

/** The mix of a line as it is written, where the lines before it still make it so; else by its pots. */
function asCarried(step: Step, brushed: CoatEntry['brushed'], before: readonly Step[]): Mix {
  const ids = new Set(before.map(({ id }) => id));
  const isThere = step.mix.parts.every((part) => part.from === 'pot' || ids.has(part.stepId));
  return isThere && isSameBrushed(brushedOf(step, before), brushed)
    ? step.mix
    : mixOfBrushed(brushed);
}

const painted = (on: OnSurface): CoatEntry[] =>
  [...[...on.coats.values()].flat(), ...on.extras].sort((one, other) => one.order - other.order);

function runsInTime({ steps, finishLevel }: Recipe, on: OnSurface): Run[] {
  const runs: Run[] = [];
  const laid = new Map<string, number>();
  const lineOf = new Map(
    [...on.coats].flatMap(([stepId, coats]) => coats.map(({ id }) => [id, stepId] as const)),
  );
  for (const coat of painted(on)) {
    const stepId = lineOf.get(coat.id) ?? coat.stepId;
    // A coat goes where its number says: others may be struck out, or lie below another recipe.
    const before = coat.line === 0 ? (laid.get(stepId) ?? 0) : coat.coat - 1;
    const run = runs.at(-1);
    const step = steps.find(({ id }) => id === stepId);
    const isBeyond = step && isSplit(step, coatsOf(step, finishLevel), before + 1);
    const isNext = run?.stepId === stepId && run.before + run.coats.length === before;
    if (run && isNext && !isBeyond && isSameBrushed(run.coats[0].brushed, coat.brushed))
      run.coats.push(coat);
    else runs.push({ stepId, coats: [coat], before });
    laid.set(stepId, before + 1);
  }
  return runs;
}
