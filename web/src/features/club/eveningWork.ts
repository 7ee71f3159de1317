import {
  armyOnBench,
  atTheTable,
  benchTasks,
  standing,
  wetMixes,
  type Army,
  type AtTheTable,
  type Bench,
  type BenchTask,
  type Drying,
  type LogEntry,
} from '@yellow-ledger/core';
import { benchRecipes } from '../../workers/shared/benchRecipes';
import { hexOfBrushed } from '../../workers/shared/hexOfBrushed';
import {
  armiesInHand,
  benchesInHand,
  logInHand,
  shelfInHand,
} from '../../workers/shared/ledgerData';

/** A surface of a unit, as it is called. */
interface Named {
  unitName: string;
  surfaceName: string;
}

/** A mix that stands on somebody’s palette. */
export interface MixThere {
  entryId: string;
  by: string;
  recipeName: string;
  line: number;
  hex: string;
  /** wet, ml, as it was mixed */
  ml: number;
  /** milliseconds it can still be used */
  ms: number;
  coatsLeft: number;
}

/** The work on the open tables. */
export interface Evening {
  painters: (AtTheTable & Named)[];
  /** soonest dry first */
  drying: (Drying & Named)[];
  /** those that go off first in front */
  mixes: MixThere[];
  /** what can be painted now, in the order it is to be taken */
  free: (BenchTask & Named)[];
  coatsDone: number;
  coatsLeft: number;
  /** milliseconds since 1970 */
  seenAt: number;
}

export const eveningWork = {
  /**
   * The work on all open tables.
   *
   * @param since when the evening began, and
   * @param now milliseconds since 1970
   * @throws CarryError, UnknownPotError
   */
  evening(since: number, now: number): Evening {
    const log = logInHand();
    const tables = tablesOf(benchesInHand().filter(({ isCleared }) => !isCleared));
    const parts = tables.map((table) => onTable(table, log, now));
    const names = new Map(parts.flatMap(({ names: all }) => [...all]));
    const painters = atTheTable(log, since).map((painter) => ({
      ...painter,
      ...nameIn(names, painter.last.where),
    }));
    const sum = (of: (part: OnTable) => number) => parts.reduce((all, part) => all + of(part), 0);
    return {
      painters,
      drying: parts.flatMap(({ drying }) => drying).sort((one, other) => one.ms - other.ms),
      mixes: parts.flatMap(({ mixes }) => mixes).sort((one, other) => one.ms - other.ms),
      free: parts.flatMap(({ free }) => free),
      coatsDone: sum(({ coatsDone }) => coatsDone),
      coatsLeft: sum(({ coatsLeft }) => coatsLeft),
      seenAt: now,
    };
  },
};

/** One army, or the models of no army, and the benches they stand on. */
interface Table {
  army: Army;
  benches: Bench[];
}

type OnTable = Pick<Evening, 'drying' | 'mixes' | 'free' | 'coatsDone' | 'coatsLeft'> & {
  names: Map<string, Named>;
};

/** Several benches of one army are one table: the same model may stand on two of them. */
function tablesOf(benches: readonly Bench[]): Table[] {
  const armies = armiesInHand();
  const tables = new Map<string, Table>();
  for (const bench of benches) {
    const army = armyOnBench(bench, armies.find(({ id }) => id === bench.armyId) ?? null);
    if (!army) continue;
    const known = tables.get(army.id);
    if (known) known.benches.push(bench);
    else tables.set(army.id, { army, benches: [bench] });
  }
  return [...tables.values()];
}

function onTable({ army, benches }: Table, log: readonly LogEntry[], now: number): OnTable {
  const [first] = benches;
  // A bench without a choice of models is for all of the army.
  const isAll = benches.some(({ models }) => models.length === 0);
  const together = { ...first, models: isAll ? [] : benches.flatMap(({ models }) => models) };
  const { recipeOf, names: recipeNames, ranksIn } = benchRecipes(together, army);
  const holders = new Set([...idsOfBenches(army.id), ...benches.map(({ id }) => id), army.id]);
  const entries = standing(log.filter(({ benchId }) => holders.has(benchId)));
  const state = benchTasks(army, together, recipeOf, entries, now, ranksIn);
  const names = namesIn(army);
  const named = <At extends { unitId: string; surfaceId: string }>(at: At): At & Named => ({
    ...at,
    ...nameIn(names, at),
  });
  const mixes = benches.flatMap((bench) =>
    wetMixes(
      bench,
      entries.filter(({ benchId }) => benchId === bench.id),
      state.tasks,
      shelfInHand(),
      now,
    ).map(({ entry, ms, coatsLeft }): MixThere => ({
      entryId: entry.id,
      by: entry.by ?? '',
      recipeName: recipeNames[entry.recipeId] ?? 'a recipe that is gone',
      line: entry.line,
      hex: hexOfBrushed(entry.brushed),
      ml: entry.ml,
      ms,
      coatsLeft,
    })),
  );
  const { coatsDone, coatsLeft } = state;
  const free = state.tasks.filter(({ models }) => models.length > 0).map(named);
  return { drying: state.drying.map(named), mixes, free, coatsDone, coatsLeft, names };
}

const idsOfBenches = (ofArmy: string): string[] =>
  benchesInHand().flatMap(({ id, armyId }) => (armyId === ofArmy ? [id] : []));

function namesIn({ units }: Army): Map<string, Named> {
  return new Map(
    units.flatMap((unit) =>
      [...unit.surfaces, ...(unit.overs ?? [])].map(
        ({ id, name }) => [`${unit.id} ${id}`, { unitName: unit.name, surfaceName: name }] as const,
      ),
    ),
  );
}

const nameIn = (
  names: ReadonlyMap<string, Named>,
  { unitId, surfaceId }: { unitId: string; surfaceId: string },
): Named => names.get(`${unitId} ${surfaceId}`) ?? { unitName: 'a unit', surfaceName: '' };
