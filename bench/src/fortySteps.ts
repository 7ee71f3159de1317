import {
  techniqueOf,
  type Pot,
  type Recipe,
  type Step,
  type TechniqueName,
} from '@yellow-ledger/core';

const techniques: TechniqueName[] = ['layer', 'layer', 'placedGlaze', 'dryBrush', 'recessWash'];

/** Twelve pots of spread-out swatches and hiding. */
export const pots: Pot[] = Array.from({ length: 12 }, (_, i) => ({
  id: `pot${i}`,
  name: `Pot ${i}`,
  kind: i === 0 ? 'primer' : 'paint',
  finish: 'matt',
  flow: 'normal',
  swatch: `#${((0x35a1c7 * (i + 1)) % 0xffffff).toString(16).padStart(6, '0')}`,
  hiding: 0.15 + 0.06 * i,
  hidingIsGuess: false,
  volumeMl: null,
  notes: '',
  retired: false,
}));

/** Forty lines of mixed techniques, every third mix carrying the one above forward. */
export function fortySteps(): Recipe {
  const steps = Array.from({ length: 40 }, (_, i): Step => {
    const technique = i === 0 ? 'brushCoat' : techniques[i % techniques.length];
    return {
      id: `s${i}`,
      stage: 'layer',
      technique,
      mix: {
        parts: [
          i % 3 === 2
            ? { from: 'step', stepId: `s${i - 1}`, parts: 2 }
            : { from: 'pot', potId: `pot${1 + (i % 11)}`, parts: 2 },
          { from: 'pot', potId: `pot${1 + ((i * 7) % 11)}`, parts: 1 },
        ],
        waterParts: 1,
        mediumParts: 0,
      },
      coats: 1 + (i % 3),
      placement: techniqueOf(technique).usualPlacement,
      dryMinutes: 10,
      level: 'field',
      note: '',
    };
  });
  return {
    id: 'forty',
    name: 'Forty steps',
    surface: 'cloth',
    groundPotId: 'pot0',
    finishLevel: 'display',
    models: 6,
    areaCm2: 8,
    steps,
    notes: '',
    archived: false,
  };
}

/** The same recipe with one line put on in one, two or three coats. */
export function edited(recipe: Recipe, line: number, round: number): Recipe {
  const steps = recipe.steps.map((step, i) =>
    i === line ? { ...step, coats: 1 + (round % 3) } : step,
  );
  return { ...recipe, steps };
}
