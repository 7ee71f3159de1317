import type { Bench, Unit } from '@yellow-ledger/core';

/** One figure on the bench that belongs to no army. */
export const benchOfFigure = (unit: Unit): Bench => ({
  id: crypto.randomUUID(),
  startedAt: new Date().toISOString(),
  isCleared: false,
  name: unit.name,
  models: [],
  loose: { unit, recipes: [] },
  room: 'usual',
  keeping: 'damp',
  hairDryer: false,
});
