import type { Army, Unit } from '../answers/work/army/army';
import type { RecipeOf } from '../answers/work/army/paintNeeded';
import { asMixed } from '../answers/work/log/mixed/asMixed';
import type { Bench } from '../answers/work/bench/bench';
import type { Brushed, CoatEntry, Deviation, LogEntry } from '../answers/work/log/entry';
import { paintedCoat } from '../answers/work/bench/paintedCoat';
import { nextOrder, standing } from '../answers/work/log/standing';
import { mixOf, recipeWith, stepWith } from './sampleRecipe';

export const cloak = recipeWith(
  [
    stepWith({ id: 'base', mix: mixOf({ brown: 3, bone: 1 }), coats: 2 }),
    stepWith({
      id: 'shade',
      stage: 'shade',
      technique: 'allOverWash',
      mix: mixOf({ wash: 1 }),
      dryMinutes: 30,
    }),
    stepWith({
      id: 'light',
      stage: 'highlight',
      technique: 'layer',
      mix: {
        ...mixOf({ bone: 1 }),
        parts: [
          { from: 'step', stepId: 'base', parts: 1 },
          { from: 'pot', potId: 'bone', parts: 1 },
        ],
      },
    }),
  ],
  { id: 'cloak', name: 'Reed cloak' },
);

export const helm = recipeWith([stepWith({ id: 'copper', mix: mixOf({ copper: 1 }) })], {
  id: 'helm',
  name: 'Helm',
  surface: 'metal',
});

export const watch: Unit = {
  id: 'watch',
  name: 'Dike Watch',
  models: 3,
  size: 'foot',
  areaCm2: 24,
  surfaces: [
    {
      id: 'cloak',
      name: 'Cloak',
      surface: 'cloth',
      share: 0.6,
      recipe: { recipeId: 'cloak', version: null },
    },
    {
      id: 'helm',
      name: 'Helm',
      surface: 'metal',
      share: 0.4,
      recipe: { recipeId: 'helm', version: null },
    },
  ],
  parts: [{ id: 'buckles', name: 'Buckles', count: 2 }],
};

export const levy: Army = { id: 'levy', name: 'Levy', scheme: [], units: [watch], notes: '' };

export const bench: Bench = {
  id: 'bench',
  name: 'Watch on the table',
  startedAt: '2026-03-01T18:00:00.000Z',
  isCleared: false,
  armyId: 'levy',
  models: [],
  room: 'usual',
  keeping: 'open',
  hairDryer: false,
};

export const recipeOf: RecipeOf = ({ recipeId }) => [cloak, helm].find(({ id }) => id === recipeId);

export const evening = Date.parse('2026-03-01T18:00:00.000Z');

/** A log that is written entry by entry, minute by minute. */
export class WrittenLog {
  entries: LogEntry[] = [];

  head(minute: number) {
    const order = nextOrder(this.entries);
    return { id: `e${order}`, at: new Date(evening + minute * 60_000).toISOString(), order };
  }

  /** One coat of a line of one of the two recipes. */
  coat(
    minute: number,
    surfaceId: 'cloak' | 'helm',
    stepId: string,
    coat: number,
    models: number[],
    more: { minutes?: number; differs?: Deviation[]; wanted?: number } = {},
  ): CoatEntry {
    const surface = watch.surfaces.find(({ id }) => id === surfaceId) ?? watch.surfaces[0];
    const recipe = asMixed(surfaceId === 'cloak' ? cloak : helm, standing(this.entries));
    const step = recipe.steps.find(({ id }) => id === stepId) ?? recipe.steps[0];
    const on = { bench, unit: watch, surface, recipe, version: null, models };
    const { minutes = null, differs = [], wanted } = more;
    const entry = {
      ...paintedCoat(on, step, coat, this.head(minute), minutes, differs),
      ...(wanted !== undefined && { wanted }),
    };
    this.entries.push(entry);
    return entry;
  }

  mixed(minute: number, stepId: string, brushed: Brushed, ml: number, differs: Deviation[] = []) {
    this.entries.push({
      kind: 'mixed',
      ...this.head(minute),
      benchId: bench.id,
      recipeId: cloak.id,
      stepId,
      line: cloak.steps.findIndex(({ id }) => id === stepId) + 1,
      brushed,
      ml,
      differs,
    });
  }

  line(kind: 'skip' | 'found', minute: number, stepId: string, models: number[]) {
    this.entries.push({
      kind,
      ...this.head(minute),
      benchId: bench.id,
      where: { armyId: 'levy', unitId: 'watch', surfaceId: 'cloak', models },
      recipeId: cloak.id,
      version: null,
      stepId,
      line: cloak.steps.findIndex(({ id }) => id === stepId) + 1,
    });
  }

  strike(minute: number, of: string) {
    this.entries.push({ kind: 'strike', ...this.head(minute), benchId: bench.id, of });
  }
}
