import {
  armyOnBench,
  armyProgress,
  handsOnTable,
  holderOf,
  lastTime,
  lineStories,
  modelRecord,
  putOff,
  recipesOnBench,
  sessionsOf,
  standing,
  tickedOn,
  writeLogCsv,
  type Army,
  type CoatEntry,
  type HandsOnRow,
  type LearnedFigures,
  type LineStory,
  type LineTime,
  type LogEntry,
  type LoggedSession,
  type OwnFigures,
  type PutOff,
  type RecipeOf,
  type RecordedSurface,
  type Unit,
  type UnitProgress,
  workSurfaces,
} from '@yellow-ledger/core';
import { armyRecipes } from '../../workers/shared/armyRecipes';
import {
  armiesInHand,
  benchesInHand,
  logInHand,
  ownFigures,
  recipesInHand,
  shelfInHand,
} from '../../workers/shared/ledgerData';

/** Names of what the log knows by identifiers. */
export interface LogNamesKnown {
  armies: Record<string, string>;
  benches: Record<string, string>;
  /** by `holder unit` */
  units: Record<string, string>;
  /** by `holder unit surface` */
  surfaces: Record<string, string>;
  recipes: Record<string, string>;
}

export interface LogOverview {
  /** newest first */
  sessions: LoggedSession[];
  names: LogNamesKnown;
  entries: number;
}

export interface ArmyState {
  armyId: string;
  name: string;
  units: (UnitProgress & { name: string })[];
  /** the last coat on each surface of each unit */
  lastCoats: CoatEntry[];
}

export interface LogFigures {
  learned: LearnedFigures;
  handsOn: HandsOnRow[];
}

/** One model with its unit, and what was done on it. */
export interface ModelShown {
  unit: Unit;
  armyName: string;
  surfaces: RecordedSurface[];
}

function namesKnown(): { names: LogNamesKnown; units: Unit[] } {
  const [armies, benches, recipes] = [armiesInHand(), benchesInHand(), recipesInHand()];
  const held = [
    ...armies.flatMap(({ id, units }) => units.map((unit) => ({ holderId: id, unit }))),
    ...benches.flatMap(({ id, loose }) => (loose ? [{ holderId: id, unit: loose.unit }] : [])),
  ];
  const named = (list: readonly { id: string; name: string }[]) =>
    Object.fromEntries(list.map(({ id, name }) => [id, name]));
  return {
    units: held.map(({ unit }) => unit),
    names: {
      armies: named(armies),
      benches: named(benches),
      units: Object.fromEntries(
        held.map(({ holderId, unit }) => [`${holderId} ${unit.id}`, unit.name]),
      ),
      surfaces: Object.fromEntries(
        held.flatMap(({ holderId, unit }) =>
          workSurfaces(unit).map(({ id, name }) => [`${holderId} ${unit.id} ${id}`, name] as const),
        ),
      ),
      recipes: named(recipes),
    },
  };
}

/** The last coat on each surface of each unit of an army. */
function lastCoatsOf(entries: readonly LogEntry[]): CoatEntry[] {
  const last = new Map<string, CoatEntry>();
  for (const entry of standing(entries)) {
    if (entry.kind !== 'coat') continue;
    const { armyId, unitId, surfaceId } = entry.where;
    if (armyId !== null) last.set(`${armyId} ${unitId} ${surfaceId}`, entry);
  }
  return [...last.values()];
}

export const logWork = {
  /** Sittings with their entries, and what these name. */
  logOverview(): LogOverview {
    const entries = logInHand();
    const { names } = namesKnown();
    return { sessions: sessionsOf(entries), names, entries: standing(entries).length };
  },

  /** Entries of one model, newest first. @param holder its army, or the bench of a figure of no army */
  modelEntries(
    holder: string,
    unitId: string,
    model: number,
  ): { entries: LogEntry[]; names: LogNamesKnown } {
    const entries = standing(logInHand()).filter(
      (entry) =>
        'where' in entry &&
        holderOf(entry.where, entry.benchId) === holder &&
        entry.where.unitId === unitId &&
        entry.where.models.includes(model),
    );
    return { entries: entries.reverse(), names: namesKnown().names };
  },

  /** Lines painted on one model, each beside how it had gone the time before. */
  modelStory(
    holderId: string,
    unitId: string,
    model: number,
  ): { lines: (LineStory & { surfaceId: string })[]; later: PutOff[]; names: LogNamesKnown } {
    const entries = logInHand();
    const lines = lineStories(entries, { holderId, unitId, model });
    const later = putOff(entries).filter(
      (each) => each.holderId === holderId && each.unitId === unitId && each.models.includes(model),
    );
    return { lines, later, names: namesKnown().names };
  },

  /** How a line went on the model before those that are painted now; null where it is the first. */
  lastTime(
    line: { recipeId: string; stepId: string },
    now: { holderId: string; unitId: string; surfaceId: string; models: readonly number[] },
  ): { time: LineTime; unit: string } | null {
    const time = lastTime(logInHand(), line, now);
    if (!time) return null;
    const { holderId, unitId } = time.on;
    const loose = benchesInHand().find(({ id }) => id === holderId)?.loose?.unit;
    const units = armiesInHand().find(({ id }) => id === holderId)?.units ?? (loose ? [loose] : []);
    const unit = units.find(({ id }) => id === unitId)?.name ?? 'a unit that is gone';
    return { time, unit };
  },

  /** How far every army is. */
  logProgress(): { armies: ArmyState[]; names: LogNamesKnown } {
    const entries = logInHand();
    const lastCoats = lastCoatsOf(entries);
    const armies = armiesInHand().map((army) => {
      const progress = armyProgress(army, armyRecipes(army).recipeOf, entries);
      const units = progress.map((each, index) => ({ ...each, name: army.units[index].name }));
      const coats = lastCoats.filter(({ where }) => where.armyId === army.id);
      return { armyId: army.id, name: army.name, units, lastCoats: coats };
    });
    return { armies, names: namesKnown().names };
  },

  /** Models on which parts of an army are ticked off, by `unit part`. */
  partsTicked(army: Army): Record<string, number[]> {
    const ticks = standing(logInHand()).flatMap((entry) =>
      entry.kind === 'tick' && entry.armyId === army.id ? [entry] : [],
    );
    return Object.fromEntries(
      army.units.flatMap(({ id }) =>
        [...tickedOn(id, ticks)].map(([partId, models]) => [`${id} ${partId}`, [...models]]),
      ),
    );
  },

  /** The painter's figures learnt from the log. */
  logFigures(): LogFigures {
    const entries = logInHand();
    const { units } = namesKnown();
    const sizes = new Map(units.map(({ id, size }) => [id, size] as const));
    return {
      learned: ownFigures(),
      handsOn: handsOnTable(entries, (unitId) => sizes.get(unitId) ?? 'not known'),
    };
  },

  /** A painter’s own figures, as far as the log has taught them. */
  ownFigures(): OwnFigures {
    return ownFigures().own;
  },

  /** The log as a table with commas. */
  logCsv(): string {
    const entries = logInHand();
    const { names } = namesKnown();
    const shelf = shelfInHand();
    return writeLogCsv(entries, {
      army: (id) => names.armies[id] ?? id,
      unit: (holderId, id) => names.units[`${holderId} ${id}`] ?? id,
      surface: (holderId, unitId, id) => names.surfaces[`${holderId} ${unitId} ${id}`] ?? id,
      pot: (id) => shelf.get(id)?.name ?? id,
      recipe: (id) => names.recipes[id] ?? id,
    });
  },

  /**
   * The entries of one model.
   *
   * @param holder the army it belongs to, or the bench it was painted on
   * @returns null where there is no such model
   */
  modelShown(holder: string, unitId: string, model: number): ModelShown | null {
    const entries = logInHand();
    const bench = benchesInHand().find(({ id, loose }) => id === holder && loose);
    const army = bench ? armyOnBench(bench, null) : armiesInHand().find(({ id }) => id === holder);
    const unit = army?.units.find(({ id }) => id === unitId);
    if (!army || !unit || model < 1 || model > unit.models) return null;
    const fetched = armyRecipes(army).recipeOf;
    const recipeOf = bench ? recipesOnBench(bench, fetched) : withPainted(fetched);
    const here = entries.filter((entry) =>
      bench ? entry.benchId === bench.id : !('where' in entry) || entry.where.armyId === army.id,
    );
    const surfaces = modelRecord(army, unit, model, recipeOf, here, shelfInHand());
    return { unit, armyName: army.name, surfaces };
  },
};

/** Recipes of a scheme, and those it has left since but that models are painted by. */
function withPainted(recipeOf: RecipeOf): RecipeOf {
  const now = new Map(recipesInHand().map((recipe) => [recipe.id, recipe]));
  return (pin) => recipeOf(pin) ?? (pin.version === null ? now.get(pin.recipeId) : undefined);
}
