import type { MishapKind } from '../../../rescue/mishapKinds';
import { holderOf, type CoatEntry, type Deviation, type EntryOf, type LogEntry } from '../entry';
import { lineKey } from '../../army/ownFigures';
import { standing } from '../standing';

/** One surface of one model. */
export interface ModelSurface {
  /** its army, or the bench of a figure of no army */
  holderId: string;
  unitId: string;
  surfaceId: string;
  model: number;
}

/** One line of a recipe, whatever its version. */
export interface RecipeLine {
  recipeId: string;
  stepId: string;
}

/** How one line went on one surface of one model. */
export interface LineTime {
  on: ModelSurface;
  /** the first and last coat; ISO 8601, UTC */
  from: string;
  to: string;
  technique: CoatEntry['technique'];
  coats: number;
  /** with a brush in the hand, for this model; null where a coat has none */
  minutes: number | null;
  differs: Deviation[];
  mishaps: { what: MishapKind; mend: EntryOf<'mishap'>['mend'] }[];
  notes: string[];
}

/** How a line went on a model, and how it had gone the last time before. */
export interface LineStory extends RecipeLine {
  recipeName: string;
  /** its place in the recipe, from 1 */
  line: number;
  here: LineTime;
  /** null where it was the first */
  before: LineTime | null;
}

type LineEntry = CoatEntry | EntryOf<'mishap'>;

const isOfLine = (entry: LogEntry): entry is LineEntry =>
  entry.kind === 'coat' || entry.kind === 'mishap';

const isOn = ({ where, benchId }: LineEntry, on: ModelSurface): boolean =>
  isOnSurface({ where, benchId }, on) && where.models.includes(on.model);

const isOnSurface = (
  { where, benchId }: Pick<LineEntry, 'where' | 'benchId'>,
  { holderId, unitId, surfaceId }: Omit<ModelSurface, 'model'>,
): boolean =>
  where.unitId === unitId && where.surfaceId === surfaceId && holderOf(where, benchId) === holderId;

/** The entries of some lines that count, in the order they were written. */
const counting = (entries: readonly LogEntry[], isWanted: (entry: LineEntry) => boolean) =>
  // Sorting all of a long log for one line would take far longer than this.
  standing(
    entries.filter((entry) => entry.kind === 'strike' || (isOfLine(entry) && isWanted(entry))),
  ).filter(isOfLine);

/** @returns null where no coat of the line is on it */
function timeOn(line: readonly LineEntry[], on: ModelSurface): LineTime | null {
  const own = line.filter((entry) => isOn(entry, on));
  const coats = own.filter((entry): entry is CoatEntry => entry.kind === 'coat');
  const [first, last] = [coats.at(0), coats.at(-1)];
  if (!first || !last) return null;
  const isTimed = coats.every(({ minutes }) => minutes !== null);
  return {
    on,
    from: first.at,
    to: last.at,
    technique: last.technique,
    coats: coats.length,
    minutes: isTimed
      ? coats.reduce((sum, { minutes, where }) => sum + (minutes ?? 0) / where.models.length, 0)
      : null,
    differs: [...new Set(coats.flatMap(({ differs }) => differs))],
    mishaps: own.flatMap((entry) =>
      entry.kind === 'mishap' ? [{ what: entry.what, mend: entry.mend }] : [],
    ),
    notes: own.flatMap(({ note }) => (note ? [note] : [])),
  };
}

/** The newest time among entries of one line, on another model than those that are excepted. */
function newestTime(
  line: readonly LineEntry[],
  isExcepted: (on: ModelSurface) => boolean,
  upTo: readonly LineEntry[] = line,
): LineTime | null {
  for (let index = upTo.length - 1; index >= 0; index--) {
    const { kind, where, benchId } = upTo[index];
    if (kind !== 'coat') continue;
    const { unitId, surfaceId } = where;
    const holderId = holderOf(where, benchId);
    const model = where.models.find(
      (each) => !isExcepted({ holderId, unitId, surfaceId, model: each }),
    );
    if (model !== undefined) return timeOn(line, { holderId, unitId, surfaceId, model });
  }
  return null;
}

/**
 * How a line went the last time, on another model.
 *
 * @param excepted a surface of models that are painted now
 */
export function lastTime(
  entries: readonly LogEntry[],
  line: RecipeLine,
  excepted: Omit<ModelSurface, 'model'> & { models: readonly number[] },
): LineTime | null {
  const models = new Set(excepted.models);
  return newestTime(
    counting(
      entries,
      ({ recipeId, stepId }) => recipeId === line.recipeId && stepId === line.stepId,
    ),
    (on) =>
      models.has(on.model) &&
      on.unitId === excepted.unitId &&
      on.surfaceId === excepted.surfaceId &&
      on.holderId === excepted.holderId,
  );
}

/**
 * Every line of a recipe that is on one model, in the order they were begun, each beside how it had
 * gone on the model before. Models that were painted in one go with this one are no time before.
 *
 * @param holderId its army, or the bench of a figure of no army
 */
export function lineStories(
  entries: readonly LogEntry[],
  { holderId, unitId, model }: Omit<ModelSurface, 'surfaceId'>,
): (LineStory & { surfaceId: string })[] {
  const lines = new Map<string, LineEntry[]>();
  const begun = new Map<string, CoatEntry>();
  for (const entry of counting(entries, ({ line }) => line > 0)) {
    const key = lineKey(entry.recipeId, entry.stepId);
    const before = lines.get(key);
    if (before) before.push(entry);
    else lines.set(key, [entry]);
    const { surfaceId } = entry.where;
    if (entry.kind !== 'coat' || !isOn(entry, { holderId, unitId, surfaceId, model })) continue;
    if (!begun.has(`${surfaceId} ${key}`)) begun.set(`${surfaceId} ${key}`, entry);
  }
  return [...begun.values()].flatMap((first) => {
    const { recipeId, stepId, recipeName, line: number } = first;
    const { surfaceId } = first.where;
    const line = lines.get(lineKey(recipeId, stepId)) ?? [];
    const here = timeOn(line, { holderId, unitId, surfaceId, model });
    if (!here) return [];
    const together = line.filter((entry) => isOn(entry, here.on));
    const isTogether = (on: ModelSurface) =>
      together.some((entry) => isOnSurface(entry, on) && entry.where.models.includes(on.model));
    const upTo = line.slice(0, line.indexOf(together[0]));
    const before = newestTime(line, isTogether, upTo);
    return [{ recipeId, stepId, recipeName, line: number, surfaceId, here, before }];
  });
}
