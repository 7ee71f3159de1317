import type { Pot } from '../written/pot/pot';
import type { Mix } from '../written/mix/mix';
import { shelfOf } from '../predicted/paint/mixedPaint';
import type { Recipe } from '../written/recipe/recipe';
import type { Step } from '../written/recipe/step';
import { techniques } from '../written/technique/techniques';

/** A pot for tests: a tried matt paint unless said otherwise. */
export function potWith(part: Partial<Pot> & Pick<Pot, 'id'>): Pot {
  return {
    name: part.id,
    kind: 'paint',
    finish: 'matt',
    flow: 'normal',
    swatch: '#808080',
    hiding: 0.75,
    hidingIsGuess: false,
    volumeMl: null,
    notes: '',
    retired: false,
    ...part,
  };
}

export const pots = {
  yellow: potWith({ id: 'yellow', swatch: '#e8b51c', hiding: 0.25 }),
  brown: potWith({ id: 'brown', swatch: '#9a6428', hiding: 0.85 }),
  white: potWith({ id: 'white', swatch: '#f2f0ea', hiding: 0.6 }),
  bone: potWith({ id: 'bone', swatch: '#ddd0a8', hiding: 0.65 }),
  black: potWith({ id: 'black', swatch: '#1a1a1c', hiding: 0.97, kind: 'primer' }),
  violet: potWith({ id: 'violet', swatch: '#4f2a6b', hiding: 0.5 }),
  blue: potWith({ id: 'blue', swatch: '#1f4fa3', hiding: 0.6 }),
  red: potWith({ id: 'red', swatch: '#a82222', hiding: 0.6 }),
  green: potWith({ id: 'green', swatch: '#2c6b3a', hiding: 0.7 }),
  wash: potWith({ id: 'wash', swatch: '#2e1d10', hiding: 0.06, kind: 'wash' }),
  medium: potWith({ id: 'medium', swatch: '#ffffff', hiding: 0, kind: 'medium' }),
  copper: potWith({ id: 'copper', swatch: '#8a5230', hiding: 0.8, finish: 'metallic' }),
  guessed: potWith({ id: 'guessed', swatch: '#66aa88', hidingIsGuess: true }),
};

export const shelf = shelfOf(Object.values(pots));

/** A mix of pots by parts, neat unless thinned. @example mixOf({ yellow: 3, brown: 1 }) */
export function mixOf(parts: Record<string, number>, thinner: Partial<Mix> = {}): Mix {
  return {
    parts: Object.entries(parts).map(([potId, count]) => ({ from: 'pot', potId, parts: count })),
    waterParts: 0,
    mediumParts: 0,
    ...thinner,
  };
}

/** A step with its technique's usual placement. */
export function stepWith(part: Partial<Step> & Pick<Step, 'id'>): Step {
  const technique = part.technique ?? 'brushCoat';
  return {
    stage: 'base',
    technique,
    mix: mixOf({ brown: 1 }),
    coats: 1,
    placement: techniques[technique].usualPlacement,
    dryMinutes: 20,
    level: 'field',
    note: '',
    ...part,
  };
}

export function recipeWith(steps: Step[], part: Partial<Recipe> = {}): Recipe {
  return {
    id: 'recipe',
    name: 'Oilskin',
    surface: 'cloth',
    groundPotId: 'black',
    finishLevel: 'table',
    models: 6,
    areaCm2: 8,
    steps,
    notes: '',
    archived: false,
    ...part,
  };
}
