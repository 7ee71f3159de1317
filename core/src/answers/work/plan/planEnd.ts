import type { Army } from '../army/army';
import type { Batch } from '../army/batch';
import { spanOf } from '../army/batch';
import type { OwnFigures } from '../army/ownFigures';
import type { RecipeOf } from '../army/paintNeeded';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import { finishLevels, type FinishLevel } from '../../../written/recipe/step';
import type { PaintedBefore } from './paintedBefore';
import { planBatch } from './planBatch';
import type { PlannedWork } from './plannedWork';

/** When a plan would be done, and how much painting it is. */
export interface PlanEnd {
  /** the last coat is laid down, milliseconds since 1970; null where the sessions cannot hold it */
  endsAt: number | null;
  /** sessions that something is painted in */
  sessions: number;
  /** minutes of painting, mixing and changing, by everybody together */
  minutes: number;
  /** coats without room */
  left: number;
}

/** Something that brings the end of a plan nearer. */
export type WayOut =
  | { kind: 'leaveOut'; unitId: string }
  | { kind: 'standard'; standard: FinishLevel }
  | { kind: 'morePainter' };

/** Ways tried for an answer: enough to tell the evening it ends on. */
const triesForAnAnswer = 30;

interface Known {
  recipeOf: RecipeOf;
  shelf: Shelf;
  painted: PaintedBefore;
  own: OwnFigures;
}

/**
 * When a batch would be done, by really planning it, with few tries.
 *
 * @throws BatchTooLargeError, CarryError, UnknownPotError
 */
export function planEnd(army: Army, batch: Batch, known: Known): PlanEnd {
  const { recipeOf, shelf, painted, own } = known;
  const tries = planBatch(army, batch, recipeOf, shelf, painted, own, triesForAnAnswer);
  let next = tries.next();
  while (!next.done) next = tries.next();
  return endOfPlan(next.value);
}

/** The end of a plan that was made. */
export const endOfPlan = ({ runs, left }: PlannedWork): PlanEnd => ({
  endsAt: left > 0 ? null : runs.reduce((last, { to }) => Math.max(last, to), 0),
  sessions: new Set(runs.map(({ sessionId }) => sessionId)).size,
  minutes: runs.reduce((sum, { from, to }) => sum + (to - from) / 60_000, 0),
  left,
});

/**
 * The ways in which a plan could end sooner: each unit left out, each lower standard, one more
 * painter of the usual hand.
 */
export function waysOut(army: Army, batch: Batch, known: Pick<Known, 'recipeOf'>): WayOut[] {
  const units = army.units.filter(({ id }) => plannedUnits(army, batch).includes(id));
  const levels = army.units.flatMap((unit) =>
    unit.surfaces.flatMap(({ recipe }) => (recipe && known.recipeOf(recipe)?.finishLevel) ?? []),
  );
  const highest = Math.max(0, ...levels.map((level) => finishLevels.indexOf(level)));
  const most = batch.standard ? Math.min(highest, finishLevels.indexOf(batch.standard)) : highest;
  return [
    ...(units.length > 1 ? units.map(({ id }): WayOut => ({ kind: 'leaveOut', unitId: id })) : []),
    ...finishLevels.slice(0, most).map((standard): WayOut => ({ kind: 'standard', standard })),
    ...(batch.painters.length < mostPainters ? [{ kind: 'morePainter' } as const] : []),
  ];
}

const mostPainters = 8;

const plannedUnits = (army: Army, { models }: Batch) =>
  models.length === 0 ? army.units.map(({ id }) => id) : models.map(({ unitId }) => unitId);

/** A batch with a way out taken. @param painter who comes in addition, where one does */
export function batchWith(
  way: WayOut,
  army: Army,
  batch: Batch,
  painter: Batch['painters'][number],
): Batch {
  if (way.kind === 'standard') return { ...batch, standard: way.standard };
  if (way.kind === 'morePainter') return { ...batch, painters: [...batch.painters, painter] };
  const ranges =
    batch.models.length > 0
      ? batch.models
      : army.units.map(({ id, models }) => ({ unitId: id, from: 1, to: models }));
  return { ...batch, models: ranges.filter(({ unitId }) => unitId !== way.unitId) };
}

/** The sessions of a batch that are still to come and end by a moment, where one is given. */
export const sessionsBy = ({ sessions }: Batch, moment: number | null): Batch['sessions'] =>
  sessions.filter(
    (session) => !session.isOver && (moment === null || spanOf(session).to <= moment),
  );
