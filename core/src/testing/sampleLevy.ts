import type { Army, Unit, UnitSurface } from '../answers/work/army/army';
import type { Batch } from '../answers/work/army/batch';

/** An army for tests: one unit unless said otherwise. */
export const surfaceOf = (part: Partial<UnitSurface> = {}): UnitSurface => ({
  id: 'cloak',
  name: 'Cloak',
  surface: 'cloth',
  share: 0.5,
  ...part,
});

export const unitOf = (part: Partial<Unit> = {}): Unit => ({
  id: 'watch',
  name: 'Dike Watch',
  models: 10,
  size: 'foot',
  areaCm2: 24,
  surfaces: [surfaceOf()],
  parts: [],
  ...part,
});

export const armyOf = (units: Unit[], scheme: Army['scheme'] = []): Army => ({
  id: 'levy',
  name: 'Levy',
  scheme,
  units,
  notes: '',
});

export const pinTo = (recipeId: string, version: number | null = null) => ({ recipeId, version });

export const batchOf = (part: Partial<Batch> = {}): Batch => ({
  id: 'winter',
  name: 'Winter evenings',
  models: [],
  painters: [{ id: 'ann', name: 'Ann', speed: 1, claims: [] }],
  sessions: [{ id: 'one', startsAt: '2026-03-05T18:00:00Z', minutes: 180 }],
  room: 'usual',
  keeping: 'damp',
  hairDryer: false,
  ...part,
});
