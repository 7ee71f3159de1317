import {
  lineLimit,
  looseUnit,
  type Army,
  type Batch,
  type Bench,
  type ModelRange,
  type Recipe,
  type Unit,
} from '@yellow-ledger/core';

const settings = { room: 'usual', keeping: 'damp', hairDryer: false, isCleared: false } as const;
const begun = () => ({ id: crypto.randomUUID(), startedAt: new Date().toISOString() });

/** Models of an army on the bench. */
export function benchOfArmy(army: Army, models: ModelRange[]): Bench {
  const units = army.units.filter(({ id }) => models.some(({ unitId }) => unitId === id));
  const named = units.map(({ name }) => name).join(', ') || army.name;
  return { ...begun(), ...settings, name: named.slice(0, lineLimit), armyId: army.id, models };
}

/**
 * The models a plan takes together, in the room it was planned for.
 *
 * @param painterId whose claims only; those of everybody where not said
 */
export function benchOfPlan(army: Army, plan: Batch, painterId?: string): Bench {
  const { room, keeping, hairDryer, standard } = plan;
  const painter = plan.painters.find(({ id }) => id === painterId);
  const models = painter ? painter.claims : plan.models;
  const name = painter ? `${plan.name}, ${painter.name}`.slice(0, lineLimit) : plan.name;
  return {
    ...begun(),
    ...settings,
    name,
    armyId: army.id,
    models,
    room,
    keeping,
    hairDryer,
    ...(standard && { standard }),
  };
}

/** One recipe on models that belong to no army. */
export function benchOfRecipe(recipe: Recipe, version: number | null, models: number): Bench {
  return benchOfFigure(looseUnit(recipe.name, recipe, version, models));
}

/** Figures that belong to no army. */
export const benchOfFigure = (unit: Unit): Bench => ({
  ...begun(),
  ...settings,
  name: unit.name,
  models: [],
  loose: { unit, recipes: [] },
});
