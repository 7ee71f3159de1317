import {
  asDone,
  asMixed,
  layLine,
  onEachOther,
  partedBy,
  mishapSurface,
  onFigures,
  plannedAfter,
  rescue,
  standing,
  surfaceColour,
  surfaceKey,
  surfaceOf,
  untouched,
  type Army,
  type Bench,
  type LogEntry,
  type Mend,
  type MishapDegree,
  type MishapKind,
  type Spectrum,
  type SurfaceColour,
} from '@yellow-ledger/core';
import { benchRecipes } from '../../../workers/shared/benchRecipes';
import { shelfInHand } from '../../../workers/shared/ledgerData';
import { liesBelow } from '../../../workers/shared/liesBelow';

export interface RescueAsked {
  bench: Bench;
  army: Army;
  entries: LogEntry[];
  /** the surface it happened on, and one of the models */
  unitId: string;
  surfaceId: string;
  model: number;
  recipeId: string;
  version: number | null;
  /** the line that was being painted; null takes the last one that is on the surface */
  stepId: string | null;
  place: { from: number; to: number };
  what: MishapKind;
  degree: MishapDegree;
  potId?: string;
  minutesAgo: number | null;
  /** lines whose mixes still stand on the palette */
  wet: string[];
}

export interface Rescued {
  /** the line it is told for; null where nothing is on the surface yet */
  stepId: string | null;
  /** the best first, and of every other kind the best; leaving it among them */
  mends: Mend[];
  now: SurfaceColour[];
  planned: SurfaceColour[];
  /** coats of the line that go over it yet; errors are reckoned after them */
  coatsToCome: number;
  /** ΔE00 to plan if it is left */
  error: number;
}

export const rescueWork = {
  /** Repairs of a mishap on the real layers of the figure. */
  mends(question: RescueAsked): Rescued {
    const { bench, army, unitId, surfaceId, model, place, what, degree } = question;
    const { recipeOf } = benchRecipes(bench, army);
    const written = recipeOf({ recipeId: question.recipeId, version: question.version });
    const there = surfaceOf(army, { unitId, surfaceId });
    if (!written || !there) throw new RangeError('This surface is no longer there.');
    const { unit, surface } = there;
    const entries = standing(question.entries);
    const mixed = asMixed(written, entries);
    const figures = onFigures(entries);
    const on = figures.get(surfaceKey(unitId, surfaceId, model)) ?? untouched();
    const done = asDone(mixed, on, 'left out');
    const stepId = question.stepId ?? done.steps.findLast(({ isOut }) => !isOut)?.id ?? null;
    if (stepId === null)
      return { stepId, mends: [], now: [], planned: [], coatsToCome: 0, error: 0 };
    // The coat that went wrong is on the figure, noted or not.
    const { own } = partedBy(mixed, on);
    const laid = (own.coats.get(stepId)?.length ?? 0) + (question.stepId === null ? 0 : 1);
    const painted = {
      ...done,
      steps: done.steps.map((step) =>
        step.id === stepId ? { ...step, isOut: false, coats: Math.max(1, laid) } : step,
      ),
    };
    // Of what goes over several surfaces the first is looked at.
    const [below] = liesBelow({ army, unit, model }, surface, mixed, recipeOf, figures);
    const layers = below?.layers ?? [];
    const laidOn = onEachOther([...layers, painted], shelfInHand(), below?.own ?? 0);
    const shelf = laidOn.shelf;
    const recipe = laidOn.recipes[layers.length];
    const planned = mixed.steps.find(({ id }) => id === stepId)?.coats ?? laid;
    const coatsToCome = Math.max(0, planned - laid);
    const told = { what, degree, ...(question.potId !== undefined && { potId: question.potId }) };
    const { before, now } = mishapSurface(recipe, shelf, stepId, place, told);
    const mends = rescue(
      {
        recipe,
        stepId,
        place,
        before,
        now,
        minutesAgo: question.minutesAgo,
        wetMixes: new Set(question.wet),
        coatsToCome,
        areaCm2: unit.areaCm2 * surface.share,
      },
      shelf,
    );
    const plan = plannedAfter({ recipe, stepId }, shelf);
    const finished = (surface: readonly Spectrum[]) =>
      coatsToCome > 0 ? layLine(recipe, stepId, coatsToCome, surface, shelf) : surface;
    const leave = mends.find(({ kind }) => kind === 'leave');
    return {
      stepId,
      mends: mends.filter(
        (mend, index) => index === 0 || mends.findIndex(({ kind }) => kind === mend.kind) === index,
      ),
      now: now.map(surfaceColour),
      planned: finished(plan).map(surfaceColour),
      coatsToCome,
      error: leave?.error ?? 0,
    };
  },
};
