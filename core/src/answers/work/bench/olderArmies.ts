import { z } from 'zod';
import type { Army } from '../army/army';
import type { RecipeOf } from '../army/paintNeeded';
import { tickedOn } from '../log/armyProgress';
import type { EntryOf, LogEntry } from '../log/entry';
import { nextOrder, standing } from '../log/standing';
import type { CarriedField } from '../../../written/record/carriedFields';
import { fingerprint } from '../../../written/record/fingerprint';
import { planNotes, type NotedCoat } from './planNotes';

/** Notes an army of file minor version 2 and before kept itself; the log keeps them now. */
export interface OlderNotes {
  /** painted coats, by plan */
  done: { planId: string; coats: NotedCoat[] }[];
  /** parts ticked off, by how many models */
  ticked: { unitId: string; partId: string; models: number }[];
}

const notedSchema = z.object({
  unitId: z.string(),
  surfaceId: z.string(),
  stepId: z.string(),
  coat: z.number(),
  models: z.array(z.number()),
  at: z.string(),
});
const olderSchema = z.looseObject({
  units: z
    .array(
      z.looseObject({
        id: z.string(),
        parts: z.array(z.looseObject({ id: z.string(), doneOn: z.number().optional() })),
      }),
    )
    .optional(),
  plans: z
    .array(z.looseObject({ id: z.string(), done: z.array(notedSchema).optional() }))
    .optional(),
});

/**
 * An army of an older file or database, with what has moved to the log taken out.
 *
 * @param record as it was kept, not yet checked; what is no army comes back as it is
 */
export function withoutNotes(record: unknown): { army: unknown; notes: OlderNotes } {
  const older = olderSchema.safeParse(record);
  if (!older.success) return { army: record, notes: { done: [], ticked: [] } };
  const { units = [], plans } = older.data;
  const notes: OlderNotes = {
    done: (plans ?? []).flatMap(({ id, done = [] }) =>
      done.length > 0 ? [{ planId: id, coats: done }] : [],
    ),
    ticked: units.flatMap((unit) =>
      unit.parts.flatMap(({ id, doneOn = 0 }) =>
        doneOn > 0 ? [{ unitId: unit.id, partId: id, models: doneOn }] : [],
      ),
    ),
  };
  const army = {
    ...older.data,
    ...(older.data.units && {
      units: units.map((unit) => ({
        ...unit,
        parts: unit.parts.map(({ doneOn: _doneOn, ...part }) => part),
      })),
    }),
    ...(plans && { plans: plans.map(({ done: _done, ...plan }) => plan) }),
  };
  return { army, notes };
}

/**
 * The notes of an older army as entries of the log. Brought over twice they are the same entries.
 *
 * @param log what the log holds already
 * @returns the entries; and the army with what names lines that are gone put by with it, unread
 * @throws CarryError
 */
export function broughtOver(
  army: Army,
  { done, ticked }: OlderNotes,
  recipeOf: RecipeOf,
  log: readonly LogEntry[],
): { army: Army; entries: LogEntry[] } {
  const entries: LogEntry[] = [];
  const more: CarriedField[] = [...(army.more ?? [])];
  for (const { planId, coats } of done) {
    const plan = army.plans?.find(({ id }) => id === planId);
    const place = plan ?? { room: 'usual' as const, hairDryer: false };
    // Before all else in the log: what it says of the same coat was written later.
    const headOf = (coat: NotedCoat, part: number) => ({
      id: `noted-${fingerprint([army.id, planId, coat, part])}`,
      order: 0,
    });
    const { entries: noted, left } = planNotes(army, place, coats, recipeOf, headOf);
    entries.push(...noted);
    if (left.length > 0)
      more.push({
        at: ['plans', planId, 'done'],
        value: left.map((coat) => ({ ...coat })),
        since: 2,
      });
  }
  const ticks = standing(log).filter((entry): entry is EntryOf<'tick'> => entry.kind === 'tick');
  let order = nextOrder(log);
  for (const { unitId, partId, models } of ticked) {
    const there = tickedOn(
      unitId,
      ticks.filter((tick) => tick.armyId === army.id),
    ).get(partId);
    const missing = firstUnticked(there ?? new Set(), models);
    if (missing.length === 0) continue;
    entries.push({
      kind: 'tick',
      id: `ticked-${fingerprint([army.id, unitId, partId, models])}`,
      benchId: army.id,
      at: log.at(-1)?.at ?? beforeAll,
      order: order++,
      armyId: army.id,
      unitId,
      partId,
      models: missing,
      isTicked: true,
    });
  }
  return { army: { ...army, ...(more.length > 0 && { more }) }, entries };
}

/** When a tick was made that nobody noted the time of. */
const beforeAll = '2026-01-01T00:00:00.000Z';

/** The first models that are not ticked off yet, so that so many are in all. */
export function firstUnticked(ticked: ReadonlySet<number>, wanted: number): number[] {
  const missing: number[] = [];
  for (let model = 1; ticked.size + missing.length < wanted; model++)
    if (!ticked.has(model)) missing.push(model);
  return missing;
}
