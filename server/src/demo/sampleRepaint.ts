import {
  looseFigure,
  paintedCoat,
  type Bench,
  type CoatEntry,
  type Recipe,
} from '@yellow-ledger/core';
import { oilskinFromShadow } from './recipes/oilskinFromShadow';
import { oilskinPitch } from './recipes/oilskinPitch';

const minute = 60_000;
/** The yellow was painted on a Sunday of last winter, the black begun this autumn. */
const yellowFrom = Date.UTC(2026, 0, 18, 18);
const blackFrom = Date.UTC(2026, 10, 15, 19);

/** One figure on a table of its own: painted yellow once, and now going over to black. */
export const repaintBench: Bench = {
  id: 'old-drummer',
  name: 'Old Drummer, yellow to black',
  startedAt: new Date(yellowFrom).toISOString(),
  isCleared: false,
  models: [],
  loose: { unit: looseFigure('Old Drummer', [oilskinPitch], 1), recipes: [oilskinPitch] },
  room: 'usual',
  keeping: 'damp',
  hairDryer: false,
};

/** The whole of the yellow, and the first coat of the black. */
export function repaintLog(): CoatEntry[] {
  const entries: CoatEntry[] = [];
  paint(oilskinFromShadow, yellowFrom, Infinity);
  paint(oilskinPitch, blackFrom, 1);
  return entries;

  function paint(recipe: Recipe, from: number, most: number): void {
    const unit = looseFigure('Old Drummer', [recipe], 1);
    const on = { bench: repaintBench, unit, surface: unit.surfaces[0], recipe, version: null };
    let painted = 0;
    for (const step of recipe.steps)
      for (let coat = 1; coat <= step.coats && painted < most; coat++, painted++)
        entries.push(
          paintedCoat(
            { ...on, models: [1] },
            step,
            coat,
            {
              id: `drummer-${entries.length + 1}`,
              at: new Date(from + painted * 25 * minute).toISOString(),
              order: entries.length,
              by: 'Wil',
            },
            null,
            [],
          ),
        );
  }
}
