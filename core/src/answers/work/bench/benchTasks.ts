import { modelsByPin, type Army, type Unit } from '../army/army';
import type { RecipeOf } from '../army/paintNeeded';
import { isHeldBack, isVarnish } from '../army/surfaces/stepsFor';
import { workSurfaces, type WorkSurface } from '../army/surfaces/workSurfaces';
import { chosenModels } from '../plan/chosenModels';
import { ranksOf } from '../plan/unitOrder';
import type { Recipe } from '../../../written/recipe/recipe';
import { asMixed } from '../log/mixed/asMixed';
import type { Bench } from './bench';
import { openBelow } from './openBelow';
import { blockedUntil, dryingOf, type Drying } from './drying';
import type { LogEntry } from '../log/entry';
import { driesForMs, onFigures, surfaceKey, untouched } from '../log/onFigure/onFigure';
import { openCoats, type OpenCoat } from '../log/onFigure/openCoats';
import { standing } from '../log/standing';

/** One coat of one line, and the models it is next on. */
export interface BenchTask {
  key: string;
  unitId: string;
  surfaceId: string;
  recipeId: string;
  version: number | null;
  stepId: string;
  /** place of the line in its recipe, from 1 */
  line: number;
  coat: number;
  /** coats of it these models get in all */
  coats: number;
  /** the most that are written, where the coats may not be enough */
  upTo: number;
  /** models that can be painted now */
  models: number[];
  /** models it is next on once something is dry, with the milliseconds that takes */
  waiting: { model: number; ms: number }[];
  /** models on which something else has to be done first */
  later: number;
  /** waits for all else on its model */
  isHeldBack: boolean;
}

export interface BenchState {
  /** in the order they are to be taken: those that can be painted now first */
  tasks: BenchTask[];
  /** soonest dry first */
  drying: Drying[];
  /** coats of one surface of one model that are done, and that are left */
  coatsDone: number;
  coatsLeft: number;
  /** surfaces nobody has given a recipe, or whose recipe or version is gone */
  without: { unitId: string; surfaceId: string }[];
  /** a clock stands before the last entry by so many milliseconds; 0 where none does */
  clockBehindMs: number;
}

/**
 * The coats to paint now, those that wait and those that dry, by the log.
 *
 * The line that was painted last goes on as long as there are models for it; then the surfaces in
 * the order of work with the least risk, each from its first open coat. A wash or a spray keeps all
 * else on its body waiting; what is held back waits for its model.
 *
 * @param entries the log of this bench, in any order
 * @param now milliseconds since 1970
 * @param ranksIn place of each surface in the order of work; to be kept by who asks often, as it
 *   takes longer than all the rest and only changes with the scheme
 * @throws CarryError
 */
export function benchTasks(
  army: Army,
  bench: Pick<Bench, 'models'>,
  recipeOf: RecipeOf,
  entries: readonly LogEntry[],
  now: number,
  ranksIn: (unit: Unit) => ReadonlyMap<string, number> = (unit) => ranksOf(army, unit, recipeOf),
): BenchState {
  const counted = standing(entries);
  const figures = onFigures(counted);
  const onOf = (unitId: string, surfaceId: string, model: number) =>
    figures.get(surfaceKey(unitId, surfaceId, model)) ?? untouched();
  const tasks = new Map<string, BenchTask & { rank: number[] }>();
  const without: BenchState['without'] = [];
  let coatsDone = 0;
  let coatsLeft = 0;
  army.units.forEach(lookAt);
  const last = counted.findLast((entry) => entry.kind === 'coat');
  return {
    tasks: [...tasks.values()].sort(inOrderOfWork).map(({ rank: _rank, ...task }) => task),
    drying: dryingOf(army, bench, figures, now),
    coatsDone,
    coatsLeft,
    without,
    clockBehindMs: Math.max(0, ...counted.map(({ at }) => Date.parse(at) - now)),
  };

  function lookAt(unit: Unit, unitIndex: number): void {
    const chosen = new Set(chosenModels(bench, unit));
    if (chosen.size === 0) return;
    const ranks = ranksIn(unit);
    const chains = workSurfaces(unit).flatMap((surface) =>
      modelsByPin(army, unit, surface).flatMap(({ pin, models }) => {
        const here = models.filter((model) => chosen.has(model));
        const written = pin && recipeOf(pin);
        if (here.length === 0) return [];
        if (!written) {
          without.push({ unitId: unit.id, surfaceId: surface.id });
          return [];
        }
        const recipe = asMixed(written, counted);
        const rank = ranks.get(surface.id) ?? 0;
        return here.map((model) => chainOf(unit, surface, recipe, pin.version, rank, model));
      }),
    );
    const openOn = new Map<number, number>();
    const oversOn = new Map<number, number>();
    for (const { model, surface, open, isHeldBack: holds } of chains) {
      const counted = surface.over ? oversOn : openOn;
      if (!holds) counted.set(model, (counted.get(model) ?? 0) + open.length);
    }
    const isOpenBelow = openBelow(unit, chains);
    const blocked = blockedUntil(unit, figures, chosen, now);
    for (const chain of chains) {
      coatsDone += chain.done;
      coatsLeft += chain.open.length;
      const next = chain.open.at(0);
      if (!next) continue;
      const { surface, model, recipe, version, rank } = chain;
      const heldBack = isHeldBack(surface, next.step);
      // Varnish goes over what lies over the rest as well.
      const before =
        (heldBack ? (openOn.get(model) ?? 0) : 0) +
        (isVarnish(next.step) ? (oversOn.get(model) ?? 0) : 0);
      const first = [unitIndex, rank, next.index, next.coat];
      const task = taskOf(unit, surface, recipe, version, next, first, heldBack);
      const body = `${surface.subAssembly ?? ''} ${model}`;
      const ms = Math.max(
        driesForMs(onOf(unit.id, surface.id, model), now),
        blocked.get(body) ?? 0,
        heldBack ? dryOnModel(unit, model) : 0,
        surface.over ? dryBelow(unit, surface.over, model) : 0,
      );
      if (before > 0 || (surface.over && isOpenBelow(surface, model))) task.later++;
      else if (ms > 0) task.waiting.push({ model, ms });
      else task.models.push(model);
    }
  }

  function chainOf(
    unit: Unit,
    surface: WorkSurface,
    recipe: Recipe,
    version: number | null,
    rank: number,
    model: number,
  ) {
    const on = onOf(unit.id, surface.id, model);
    const { open, done } = openCoats(surface, recipe, on);
    const holds = open.length > 0 && isHeldBack(surface, open[0].step);
    return { surface, recipe, version, rank, model, open, done, isHeldBack: holds };
  }

  function taskOf(
    unit: Unit,
    surface: WorkSurface,
    recipe: Recipe,
    version: number | null,
    { step, index, coat, coats, upTo }: OpenCoat,
    rank: number[],
    heldBack: boolean,
  ) {
    const key = [unit.id, surface.id, recipe.id, version ?? 'now', step.id, coat].join(' ');
    const known = tasks.get(key);
    if (known) return known;
    const task = {
      key,
      unitId: unit.id,
      surfaceId: surface.id,
      recipeId: recipe.id,
      version,
      stepId: step.id,
      line: index + 1,
      coat,
      coats,
      upTo,
      models: [],
      waiting: [],
      later: 0,
      isHeldBack: heldBack,
      rank,
    };
    tasks.set(key, task);
    return task;
  }

  /** Until what an over goes onto is dry, overs before it on the same surfaces too. */
  function dryBelow(unit: Unit, over: readonly string[], model: number): number {
    const below = workSurfaces(unit).filter(
      ({ id, over: other }) => over.includes(id) || other?.some((each) => over.includes(each)),
    );
    return Math.max(0, ...below.map(({ id }) => driesForMs(onOf(unit.id, id, model), now)));
  }

  function dryOnModel(unit: Unit, model: number): number {
    return Math.max(
      0,
      ...workSurfaces(unit).map(({ id }) => driesForMs(onOf(unit.id, id, model), now)),
    );
  }

  function inOrderOfWork(
    one: BenchTask & { rank: number[] },
    other: BenchTask & { rank: number[] },
  ): number {
    const isReady = (task: BenchTask) => Number(task.models.length > 0);
    const goesOn = (task: BenchTask) =>
      Number(
        last !== undefined &&
          task.unitId === last.where.unitId &&
          task.surfaceId === last.where.surfaceId &&
          task.stepId === last.stepId &&
          task.coat === last.coat,
      );
    if (isReady(one) !== isReady(other)) return isReady(other) - isReady(one);
    if (goesOn(one) !== goesOn(other)) return goesOn(other) - goesOn(one);
    if (isReady(one) === 0) return soonest(one) - soonest(other);
    const place = one.rank.findIndex((rank, i) => rank !== other.rank[i]);
    return place < 0 ? 0 : one.rank[place] - other.rank[place];
  }
}

const soonest = ({ waiting }: BenchTask) => Math.min(Infinity, ...waiting.map(({ ms }) => ms));
