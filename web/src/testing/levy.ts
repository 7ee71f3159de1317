import type { Army, Batch, Pot, Recipe, Step } from '@yellow-ledger/core';

const pot = (id: string, swatch: string, hiding: number, part: Partial<Pot> = {}): Pot => ({
  id,
  name: id,
  kind: 'paint',
  finish: 'matt',
  flow: 'normal',
  swatch,
  hiding,
  hidingIsGuess: false,
  volumeMl: 17,
  notes: '',
  retired: false,
  ...part,
});

export const pots = [
  pot('soot', '#1b1b1d', 0.97, { kind: 'primer' }),
  pot('umber', '#5b4128', 0.86),
  pot('oilskin', '#e9b91d', 0.26),
  pot('tallow', '#e2d6b4', 0.6),
  pot('coot', '#161618', 0.95),
  pot('cheek', '#d8a88a', 0.66),
];

export const line = (id: string, potId: string, part: Partial<Step> = {}): Step => ({
  id,
  stage: 'base',
  technique: 'brushCoat',
  mix: { parts: [{ from: 'pot', potId, parts: 1 }], waterParts: 0, mediumParts: 0 },
  coats: 2,
  placement: { from: 0, to: 1, softness: 0, pull: 'even' },
  dryMinutes: 10,
  level: 'field',
  note: '',
  ...part,
});

export const recipe = (id: string, steps: Step[], part: Partial<Recipe> = {}): Recipe => ({
  id,
  name: `Recipe of ${id}`,
  surface: 'cloth',
  groundPotId: 'soot',
  finishLevel: 'table',
  models: 6,
  areaCm2: 8,
  steps,
  notes: '',
  archived: false,
  ...part,
});

const edge = line('edge', 'tallow', {
  stage: 'highlight',
  technique: 'edgeLine',
  coats: 1,
  placement: { from: 0.92, to: 1, softness: 0.03, pull: 'even' },
});
export const coat = recipe('coat', [line('base', 'umber'), edge]);
export const black = recipe('black', [line('base', 'coot'), edge]);
export const skin = recipe('skin', [line('base', 'cheek', { coats: 1 })], { surface: 'skin' });

export const now = (recipeId: string, version: number | null = null) => ({ recipeId, version });

export const levy: Army = {
  id: 'levy',
  name: 'Levy',
  scheme: [{ surface: 'skin', recipe: now('skin') }],
  units: [
    {
      id: 'watch',
      name: 'Dike Watch',
      models: 4,
      size: 'foot',
      areaCm2: 24,
      surfaces: [
        { id: 'coat', name: 'Coat', surface: 'cloth', share: 0.8, recipe: now('coat') },
        { id: 'face', name: 'Face', surface: 'skin', share: 0.2 },
      ],
      parts: [],
    },
  ],
  notes: '',
};

export const batch: Batch = {
  id: 'evening',
  name: 'Evening',
  models: [],
  painters: [{ id: 'wil', name: 'Wil', speed: 1, claims: [] }],
  sessions: [{ id: 'one', startsAt: '2026-03-05T18:00:00Z', minutes: 180 }],
  room: 'usual',
  keeping: 'damp',
  hairDryer: false,
};

/** The levy with something else about its one unit. */
export const levyWith = (part: Partial<Army['units'][number]>): Army => ({
  ...levy,
  units: [{ ...levy.units[0], ...part }],
});
