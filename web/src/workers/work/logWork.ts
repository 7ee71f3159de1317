import {
  armyOnBench,
  armyProgress,
  armySchema,
  benchSchema,
  handsOnTable,
  keptSchema,
  learnFigures,
  modelRecord,
  recipesOnBench,
  sessionsOf,
  standing,
  tickedOn,
  writeLogCsv,
  type Army,
  type Bench,
  type HandsOnRow,
  type LearnedFigures,
  type LoggedSession,
  type RecordedSurface,
  type Unit,
  type UnitProgress,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { fetchArmyRecipes } from './armyRecipes';
import { fetchRecipes } from './listWork';
import { wholeLog } from './logInHand';
import { shelfInHand } from './shelfInHand';

const armiesSchema = z.object({ items: z.array(keptSchema(armySchema)) });
const benchesSchema = z.object({ items: z.array(keptSchema(benchSchema)) });

/** Names of what the log knows by identifiers. */
export interface LogNamesKnown {
  armies: Record<string, string>;
  benches: Record<string, string>;
  units: Record<string, string>;
  /** by `unit surface` */
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

async function fetchAs<Content>(
  path: string,
  schema: z.ZodType<{ items: { content: Content }[] }>,
): Promise<Content[]> {
  const response = await fetch(path);
  if (!response.ok) throw new Error('The ledger’s server did not give what the log names.');
  return schema.parse(await response.json()).items.map(({ content }) => content);
}

const fetchArmies = () => fetchAs<Army>('/api/armies', armiesSchema);
const fetchBenches = () => fetchAs<Bench>('/api/benches', benchesSchema);

async function namesKnown(): Promise<{ names: LogNamesKnown; units: Unit[] }> {
  const [armies, benches, recipes] = await Promise.all([
    fetchArmies(),
    fetchBenches(),
    fetchRecipes(),
  ]);
  const units = [
    ...armies.flatMap((army) => army.units),
    ...benches.flatMap(({ loose }) => (loose ? [loose.unit] : [])),
  ];
  const named = (list: readonly { id: string; name: string }[]) =>
    Object.fromEntries(list.map(({ id, name }) => [id, name]));
  return {
    units,
    names: {
      armies: named(armies),
      benches: named(benches),
      units: named(units),
      surfaces: Object.fromEntries(
        units.flatMap((unit) =>
          unit.surfaces.map(({ id, name }) => [`${unit.id} ${id}`, name] as const),
        ),
      ),
      recipes: named(recipes.map(({ content }) => content)),
    },
  };
}

export const logWork = {
  /** Sittings with their entries, and what these name. */
  async logOverview(): Promise<LogOverview> {
    const [entries, { names }] = await Promise.all([wholeLog(), namesKnown()]);
    return { sessions: sessionsOf(entries), names, entries: standing(entries).length };
  },

  /** How far every army is. */
  async logProgress(): Promise<ArmyState[]> {
    const [entries, armies] = await Promise.all([wholeLog(), fetchArmies()]);
    const states: ArmyState[] = [];
    for (const army of armies) {
      const { recipeOf } = await fetchArmyRecipes(army);
      const progress = armyProgress(army, recipeOf, entries);
      const units = progress.map((each, index) => ({ ...each, name: army.units[index].name }));
      states.push({ armyId: army.id, name: army.name, units });
    }
    return states;
  },

  /** Models on which parts of an army are ticked off at the bench, by `unit part`. */
  async partsTicked(armyId: string): Promise<Record<string, number[]>> {
    const ticks = standing(await wholeLog()).filter(
      (entry) => entry.kind === 'tick' && entry.armyId === armyId,
    );
    const units = new Set(ticks.flatMap((entry) => (entry.kind === 'tick' ? [entry.unitId] : [])));
    const ofUnit = (unitId: string) =>
      tickedOn(
        unitId,
        ticks.filter((entry) => entry.kind === 'tick'),
      );
    return Object.fromEntries(
      [...units].flatMap((unitId) =>
        [...ofUnit(unitId)].map(([partId, models]) => [`${unitId} ${partId}`, [...models]]),
      ),
    );
  },

  /** What the log has learned of the painter. */
  async logFigures(): Promise<LogFigures> {
    const [entries, { units }] = await Promise.all([wholeLog(), namesKnown()]);
    const sizes = new Map(units.map(({ id, size }) => [id, size] as const));
    return {
      learned: learnFigures(entries),
      handsOn: handsOnTable(entries, (unitId) => sizes.get(unitId) ?? 'not known'),
    };
  },

  /** The log as a table with commas. */
  async logCsv(): Promise<string> {
    const [entries, { names }] = await Promise.all([wholeLog(), namesKnown()]);
    const shelf = shelfInHand();
    return writeLogCsv(entries, {
      army: (id) => names.armies[id] ?? id,
      unit: (id) => names.units[id] ?? id,
      surface: (unitId, surfaceId) => names.surfaces[`${unitId} ${surfaceId}`] ?? surfaceId,
      pot: (id) => shelf.get(id)?.name ?? id,
      recipe: (id) => names.recipes[id] ?? id,
    });
  },

  /**
   * What was done on one model.
   *
   * @param holder the army it belongs to, or the bench it was painted on
   * @returns null where there is no such model
   */
  async modelShown(holder: string, unitId: string, model: number): Promise<ModelShown | null> {
    const [entries, armies, benches] = await Promise.all([
      wholeLog(),
      fetchArmies(),
      fetchBenches(),
    ]);
    const bench = benches.find(({ id, loose }) => id === holder && loose);
    const army = bench ? armyOnBench(bench, null) : armies.find(({ id }) => id === holder);
    const unit = army?.units.find(({ id }) => id === unitId);
    if (!army || !unit || model < 1 || model > unit.models) return null;
    const fetched = (await fetchArmyRecipes(army)).recipeOf;
    const recipeOf = bench ? recipesOnBench(bench, fetched) : await withPainted(fetched);
    const here = entries.filter((entry) =>
      bench ? entry.benchId === bench.id : !('where' in entry) || entry.where.armyId === army.id,
    );
    const surfaces = modelRecord(army, unit, model, recipeOf, here, shelfInHand());
    return { unit, armyName: army.name, surfaces };
  },
};

/** Recipes of a scheme, and those it has left since but that models are painted by. */
async function withPainted(
  recipeOf: Awaited<ReturnType<typeof fetchArmyRecipes>>['recipeOf'],
): Promise<typeof recipeOf> {
  const now = new Map((await fetchRecipes()).map(({ content }) => [content.id, content]));
  return (pin) => recipeOf(pin) ?? (pin.version === null ? now.get(pin.recipeId) : undefined);
}
