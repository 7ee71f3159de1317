import {
  asMixed,
  benchStep,
  benchTasks,
  brushedOf,
  chosenModels,
  colourDifference,
  isAtHand,
  masstoneOf,
  modelsByPin,
  onFigures,
  opticsOf,
  paintedCoat,
  standing,
  surfaceColour,
  surfaceKey,
  surfaceOf,
  untouched,
  wetMixes,
  workSurfaces,
  type Army,
  type Bench,
  type BenchState,
  type BenchStep,
  type BenchTask,
  type Brushed,
  type CoatEntry,
  type LogEntry,
  type OwnFigures,
  type Recipe,
  type Unit,
  type WorkSurface,
  type WetMix,
} from '@yellow-ledger/core';
import { benchRecipes } from '../../workers/shared/benchRecipes';
import { hexOfBrushed } from '../../workers/shared/hexOfBrushed';
import { nearlyOwnFigures, shelfInHand } from '../../workers/shared/ledgerData';
import { liesBelow } from '../../workers/shared/liesBelow';

/** A bench, and what is painted on it. */
export interface BenchAsked {
  bench: Bench;
  army: Army;
  /** what is known of its log */
  entries: LogEntry[];
  /** milliseconds since 1970 */
  now: number;
  /** the task somebody took instead of the next; null takes the next */
  taskKey: string | null;
}

/** Models whose surface is painted by one recipe. */
export interface BenchSurface {
  key: string;
  unitId: string;
  surfaceId: string;
  models: number[];
  recipe: Recipe;
  version: number | null;
}

/** The panel in the middle of the bench. */
export interface BenchNow {
  task: BenchTask;
  /** with the mixes that are on the table */
  recipe: Recipe;
  step: BenchStep;
  /** the coat on all models that are ready, as it would be noted */
  coat: CoatEntry;
  /** what the line as written would put on the brush */
  written: Brushed;
}

export interface BenchView {
  state: BenchState;
  now: BenchNow | null;
  wet: (WetMix & { hex: string })[];
  recipeNames: Record<string, string>;
  own: OwnFigures;
}

/** A pot that could stand in for one of a mix, nearest first. */
export interface OtherPot {
  of: string;
  potId: string;
  /** ΔE00 between the two, thick and dry */
  difference: number;
}

export const benchWork = {
  /** The next coat, and everything around it. */
  benchView({ bench, army, entries, now, taskKey }: BenchAsked): BenchView {
    const { recipeOf, names, ranksIn } = benchRecipes(bench, army);
    const { own } = nearlyOwnFigures();
    const shelf = shelfInHand();
    const counted = standing(entries);
    const state = benchTasks(army, bench, recipeOf, counted, now, ranksIn);
    const chosen = state.tasks.find(({ key, models }) => key === taskKey && models.length > 0);
    const task = chosen ?? state.tasks.at(0) ?? null;
    const wet = wetMixes(bench, counted, state.tasks, shelf, now).map((mix) => ({
      ...mix,
      hex: hexOfBrushed(mix.entry.brushed),
    }));
    return { state, wet, recipeNames: names, own, now: task && nowAt(task) };

    function nowAt(at: BenchTask): BenchNow | null {
      const on = surfaceOf(army, at);
      const written = recipeOf({ recipeId: at.recipeId, version: at.version });
      if (!on || !written) return null;
      return nowOn(at, on.unit, on.surface, asMixed(written, counted), written);
    }

    function nowOn(
      at: BenchTask,
      unit: Unit,
      surface: WorkSurface,
      recipe: Recipe,
      asWritten: Recipe,
    ): BenchNow | null {
      const step = recipe.steps.find(({ id }) => id === at.stepId);
      if (!step) return null;
      const waiting = at.waiting.map(({ model }) => model);
      const models = at.models.length > 0 ? at.models : waiting;
      if (models.length === 0) return null;
      const head = { id: 'not-written-yet', at: new Date(now).toISOString(), order: 0 };
      const place = { bench, unit, surface, recipe, version: at.version, models };
      const differs = counted.findLast(
        (entry) =>
          entry.kind === 'mixed' && entry.recipeId === recipe.id && entry.stepId === step.id,
      );
      const deviations = differs?.kind === 'mixed' ? differs.differs : [];
      const coat = paintedCoat(place, step, at.coat, head, null, deviations, own);
      const figures = onFigures(counted);
      const on = figures.get(surfaceKey(unit.id, surface.id, models[0])) ?? untouched();
      const all = at.models.length + waiting.length + at.later;
      const onModel = { army, unit, model: models[0] };
      const onto = liesBelow(onModel, surface, recipe, recipeOf, figures);
      const asked = { unit, surface, recipe, stepId: step.id, models: all, on, coat, onto };
      const coatsLeft = Math.max(1, at.coats - at.coat + 1);
      const index = recipe.steps.indexOf(step);
      const written = brushedOf(asWritten.steps[index], recipe.steps.slice(0, index));
      return {
        task: at,
        recipe,
        coat,
        written,
        step: benchStep({ ...asked, coatsLeft }, shelf, own),
      };
    }
  },

  /** Pots at hand that are nearest to each pot of a mix. */
  otherPots(potIds: string[], most: number): OtherPot[] {
    const shelf = shelfInHand();
    const colourOf = (potId: string) => {
      const pot = shelf.get(potId);
      return pot ? surfaceColour(masstoneOf(opticsOf(pot))) : null;
    };
    return potIds.flatMap((of) => {
      const wanted = colourOf(of);
      if (!wanted) return [];
      return [...shelf.values()]
        .filter((pot) => pot.id !== of && isAtHand(pot) && pot.kind === shelf.get(of)?.kind)
        .flatMap((pot): OtherPot[] => {
          const colour = colourOf(pot.id);
          if (!colour) return [];
          return [{ of, potId: pot.id, difference: colourDifference(colour, wanted) }];
        })
        .sort((one, other) => one.difference - other.difference)
        .slice(0, most);
    });
  },

  /** The surfaces on a bench with the recipes they are painted by, those painted alike together. */
  benchSurfaces({ bench, army }: Pick<BenchAsked, 'bench' | 'army'>): BenchSurface[] {
    const { recipeOf } = benchRecipes(bench, army);
    return army.units.flatMap((unit) => {
      const chosen = new Set(chosenModels(bench, unit));
      return workSurfaces(unit).flatMap((surface) =>
        modelsByPin(army, unit, surface).flatMap(({ pin, models }): BenchSurface[] => {
          const recipe = pin && recipeOf(pin);
          const here = models.filter((model) => chosen.has(model));
          if (!recipe || here.length === 0) return [];
          const key = `${unit.id} ${surface.id} ${recipe.id} ${pin.version ?? 'now'}`;
          const where = { unitId: unit.id, surfaceId: surface.id, models: here };
          return [{ key, ...where, recipe, version: pin.version }];
        }),
      );
    });
  },
};
