import {
  applyFix,
  carriersOf,
  mergeContents,
  mostSteps,
  moveStep,
  withoutStep,
  withStep,
  type Fix,
  type Pot,
  type Recipe,
  type Spot,
  type Step,
} from '@yellow-ledger/core';
import { useNotice } from '../../../kit/shell/notices';
import { useWriter } from '../../../data/useWriter';
import { changedFields } from './changedFields';
import { newStep } from '../../../kit/paint/newStep';
import { useEditRecipe } from '../useDraft';

export type LineDeeds = ReturnType<typeof useLineDeeds>;

/**
 * Edits of the lines of the open recipe. Each returns the line to look at next.
 *
 * @param drawn the recipe as the page shows it; typing may have changed it since it was drawn, so
 *   everything is done to the recipe as it is when a key is pressed
 */
export function useLineDeeds(drawn: Recipe, pots: readonly Pot[]) {
  const edited = useEditRecipe(drawn.id);
  const writer = useWriter();
  const notify = useNotice();
  const recipe = () => (writer.shown('recipes', drawn.id) as Recipe | null) ?? drawn;
  const numberOf = (stepId: string) => recipe().steps.findIndex(({ id }) => id === stepId) + 1;
  const put = (steps: Step[], of: string) => edited({ ...recipe(), steps }, of);
  /** A line with what was changed in it, and what has changed beside that since it was drawn. */
  const changed = (step: Step): Step => {
    const before = drawn.steps.find(({ id }) => id === step.id);
    const now = recipe().steps.find(({ id }) => id === step.id);
    return before && now ? mergeContents(before, step, now).withMine : step;
  };
  const isFull = () => {
    if (recipe().steps.length < mostSteps) return false;
    notify(`A recipe has up to ${mostSteps} lines; carry on in a second one.`);
    return true;
  };

  return {
    edit(step: Step) {
      const before = drawn.steps.find(({ id }) => id === step.id);
      edited(
        withStep(recipe(), changed(step)),
        `step ${step.id} ${before ? changedFields(before, step).join() : ''}`,
      );
    },
    /** The line as its sentence says it. @param opening all typed in one opening is one deed */
    say(step: Step, opening: string) {
      edited(withStep(recipe(), step), `said ${step.id} ${opening}`, Infinity);
    },
    add(): string | null {
      if (isFull()) return null;
      const step = newStep(recipe(), pots);
      if (!step) {
        notify('There is nothing to paint with: put a pot on the shelf first.');
        return null;
      }
      put([...recipe().steps, step], `add ${step.id}`);
      return step.id;
    },
    /** Puts lines after the others: one press, undone by one. */
    addAll(steps: Step[]) {
      put([...recipe().steps, ...steps], `add ${steps[0]?.id ?? ''}`);
    },
    /** All lines as they are now: several changed by one deed. */
    putAll(steps: Step[]) {
      put(
        mergeContents(drawn.steps, steps, recipe().steps).withMine,
        `several ${crypto.randomUUID()}`,
      );
    },
    duplicate(stepId: string): string | null {
      const index = numberOf(stepId) - 1;
      if (index < 0 || isFull()) return null;
      const { steps } = recipe();
      const copy = { ...steps[index], id: crypto.randomUUID() };
      put(steps.toSpliced(index + 1, 0, copy), `duplicate ${copy.id}`);
      return copy.id;
    },
    remove(stepId: string): string | null {
      const before = recipe();
      const index = numberOf(stepId) - 1;
      if (index < 0) return null;
      const carriers = carriersOf(before.steps, stepId).map(({ id }) => numberOf(id));
      edited(withoutStep(before, stepId), `remove ${stepId}`);
      const written =
        carriers.length > 0
          ? ` Its mix is written out where line ${carriers.join(' and ')} carried it forward.`
          : '';
      notify(`Line ${index + 1} is deleted; Ctrl+Z undoes it.${written}`);
      const next = before.steps[index + 1] ?? before.steps[index - 1];
      return next?.id ?? null;
    },
    /** @param to index, from 0. @returns whether it went there */
    move(stepId: string, to: number): boolean {
      const { steps } = recipe();
      if (to < 0 || to >= steps.length || !steps.some(({ id }) => id === stepId)) return false;
      const moved = moveStep(recipe(), stepId, to);
      if (!('carrier' in moved)) {
        edited(moved, `move ${stepId} ${to}`);
        return true;
      }
      notify(
        moved.because === 'carries'
          ? `Line ${moved.carrier} carries the mix of line ${moved.carried} forward, so it stays below it.`
          : `Line ${moved.carrier} repairs what line ${moved.carried} dulls, so it stays below it.`,
      );
      return false;
    },
    /** The spots lines can be aimed at, and with them a line that is aimed at one: one deed. */
    putSpots(spots: Spot[], aimed?: Step) {
      const { spots: _before, ...rest } = aimed ? withStep(recipe(), changed(aimed)) : recipe();
      edited(spots.length > 0 ? { ...rest, spots } : rest, 'spots');
    },
    /** A new line that is aimed at a new spot: one press, undone by one. */
    addOnSpot(step: Step, spot: Spot) {
      const now = recipe();
      const aimed: Step = {
        ...step,
        placement: {
          ...step.placement,
          from: 0,
          to: 1,
          aim: { ...step.placement.aim, spot: spot.id },
        },
      };
      edited(
        { ...now, spots: [...(now.spots ?? []), spot], steps: [...now.steps, aimed] },
        `add ${step.id}`,
      );
    },
    numberOf,
    /** Puts a fix in: one press, undone by one. */
    fix(fix: Fix) {
      edited(applyFix(recipe(), fix), `fix ${crypto.randomUUID()}`);
    },
  };
}
