import { pinOf, type Army, type Unit } from '../army/army';
import { workSurfaces, type WorkSurface } from '../army/surfaces/workSurfaces';
import type { RecipeOf } from '../army/paintNeeded';
import type { RecipePin } from '../../../written/recipe/recipePin';
import { isAtHand } from '../../../written/pot/stock';
import { dropsFor, type Drops } from '../../../predicted/paint/dropsFor';
import { shapeOf } from '../../../written/recipe/shapeOf';
import { includedSteps } from '../../../written/recipe/includedSteps';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../written/recipe/recipe';
import type { Step } from '../../../written/recipe/step';
import { wetVolumeMl } from '../../../predicted/buildUp/wetVolume';
import { asDone, recipeFromLog } from './asDone';
import { layersDone } from './onFigure/layersDone';
import type { CoatEntry, Deviation, EntryOf, LogEntry } from './entry';
import { partedBy } from './ownPart';
import { onFigures, surfaceKey, untouched, type OnSurface } from './onFigure/onFigure';

/** One line as it was painted on one model. */
export interface RecordedLine {
  step: Step;
  /** for one model; null where a pot of it is no longer known */
  drops: Drops | null;
  differs: Deviation[];
  /** when its first coat was noted; null for what was found painted */
  at: string | null;
}

/** One surface of one model, as it was really painted. */
export interface RecordedSurface {
  surface: WorkSurface;
  pin: RecipePin | null;
  /** the recipe it was painted by; null when it is gone */
  written: Recipe | null;
  /** what it was painted by before, as it was done, the first one first: it lies below */
  below: Recipe[];
  /** what is on it; null where nothing is */
  done: Recipe | null;
  /** what it would be as done, with the lines that are still to come as written */
  whole: Recipe | null;
  lines: RecordedLine[];
  skipped: string[];
  mishaps: EntryOf<'mishap'>[];
  readings: EntryOf<'reading'>[];
  /** pots it was painted with that are no longer at hand, or gone */
  missingPots: string[];
}

/**
 * Everything the log knows of one model, surface by surface, in the order of its unit.
 *
 * @param entries of the army or bench the model belongs to
 * @throws CarryError
 */
export function modelRecord(
  army: Pick<Army, 'scheme'>,
  unit: Unit,
  model: number,
  recipeOf: RecipeOf,
  entries: readonly LogEntry[],
  shelf: Shelf,
): RecordedSurface[] {
  const figures = onFigures(entries);
  return workSurfaces(unit).map((surface) => {
    const all = figures.get(surfaceKey(unit.id, surface.id, model)) ?? untouched();
    const pin = paintedBy(all) ?? pinOf(army, surface, unit, model);
    const written = (pin && recipeOf(pin)) ?? null;
    const on = written ? partedBy(written, all).own : all;
    const done = isBare(on)
      ? null
      : written
        ? asDone(written, on, 'left out')
        : recipeFromLog(on, surface.surface);
    const areaCm2 = unit.areaCm2 * surface.share;
    return {
      surface,
      pin,
      written,
      below: written
        ? layersDone(all, written, recipeOf).filter(({ id }) => id !== written.id)
        : [],
      done,
      whole: written && !isBare(on) ? asDone(written, on, 'as written') : done,
      lines: done ? linesOf(done, on, shelf, areaCm2) : [],
      skipped: [...on.skipped],
      mishaps: on.mishaps,
      readings: entries.filter(
        (entry): entry is EntryOf<'reading'> =>
          entry.kind === 'reading' &&
          entry.where.unitId === unit.id &&
          entry.where.surfaceId === surface.id &&
          entry.where.models.includes(model),
      ),
      missingPots: missingOf(on, shelf),
    };
  });
}

const isBare = (on: OnSurface) =>
  on.coats.size === 0 && on.extras.length === 0 && on.found.length === 0;

/** The recipe its coats were painted by, which the scheme may have left since. */
function paintedBy(on: OnSurface): RecipePin | null {
  const coats = [...on.coats.values()].flat();
  const last = (entries: readonly (CoatEntry | EntryOf<'found'>)[]) =>
    entries.reduce(
      (latest, entry) => (latest && latest.order > entry.order ? latest : entry),
      entries.at(0),
    );
  const entry = last(coats) ?? last(on.found);
  return entry ? { recipeId: entry.recipeId, version: entry.version } : null;
}

function linesOf(done: Recipe, on: OnSurface, shelf: Shelf, areaCm2: number): RecordedLine[] {
  const painted = new Map(includedSteps(done).map((step) => [step.id, step]));
  return done.steps.flatMap((written, index): RecordedLine[] => {
    const step = painted.get(written.id);
    if (!step) return [];
    const coats = coatsOf(on, step.id);
    const ml = wetVolumeMl(step, { areaCm2, models: 1 }, shapeOf(done));
    return [
      {
        step,
        drops: dropsOn(step, done.steps.slice(0, index), shelf, Math.max(ml, leastMl)),
        differs: [...new Set(coats.flatMap(({ differs }) => differs))],
        at: coats.at(0)?.at ?? null,
      },
    ];
  });
}

/** The smallest amount mixed for one model, ml: four drops. */
const leastMl = 0.2;

function dropsOn(step: Step, earlier: Step[], shelf: Shelf, ml: number): Drops | null {
  try {
    return dropsFor(step.mix, earlier, shelf, ml);
  } catch {
    // A pot that was deleted has no colour to count drops by; its name stands in the log.
    return null;
  }
}

function coatsOf(on: OnSurface, stepId: string): CoatEntry[] {
  const ofLine = on.coats.get(stepId);
  if (ofLine) return ofLine;
  const all = [...[...on.coats.values()].flat(), ...on.extras];
  return all.filter(({ id, stepId: of }) => id === stepId || of === stepId);
}

function missingOf(on: OnSurface, shelf: Shelf): string[] {
  const used = [...[...on.coats.values()].flat(), ...on.extras].flatMap(({ brushed }) =>
    brushed.pots.map(({ potId }) => potId),
  );
  return [...new Set(used)].filter((potId) => {
    const pot = shelf.get(potId);
    return !pot || !isAtHand(pot);
  });
}
