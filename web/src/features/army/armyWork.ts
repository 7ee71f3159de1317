import {
  flattenMix,
  knownColour,
  mixedPaint,
  orderedSurfaces,
  orderOfWork,
  paintNeeded,
  paintTaken,
  paintToCome,
  pinOf,
  turnOf,
  workSurfaces,
  unitOf,
  workOrders,
  type Army,
  type Learned,
  type OrderEntry,
  type WorkOrderName,
  type PaintNeeded,
  type PotToCome,
  type Stage,
  type TechniqueName,
  type Unit,
} from '@yellow-ledger/core';
import { armyRecipes } from '../../workers/shared/armyRecipes';
import { logInHand, ownFigures, shelfInHand } from '../../workers/shared/ledgerData';

/** Paint an army takes, with the names of the recipes it is reckoned from. */
export interface ArmyPaint {
  needed: Omit<PaintNeeded, 'pots'> & { pots: PotToCome[] };
  /** the painter's own figure it was reckoned with; null where it is the usual one */
  own: { factor: number; from: Learned | null } | null;
  recipeNames: Record<string, string>;
  /** lines of recipes by `recipe line`, from 1 */
  lineNumbers: Record<string, number>;
}

/** One line of a unit in the order it is painted. */
export interface OrderedLine {
  surfaceId: string;
  stepId: string;
  recipeId: string;
  lineNumber: number;
  stage: Stage;
  technique: TechniqueName;
  minutes: number;
  /** of its mix, as its pots are known; null where it is known no more */
  hex: string | null;
  isHeldBack: boolean;
}

/** How a unit is gone over by each work order, with what mending that is likely to cost. */
export interface UnitOrder {
  orders: { name: WorkOrderName; risk: number; lines: OrderedLine[] }[];
}

export const armyWork = {
  armyPaint(army: Army): ArmyPaint {
    const { recipeOf, names, lineNumbers } = armyRecipes(army);
    const { own, paint } = ownFigures();
    const ofArmy = logInHand().filter(
      (entry) => entry.kind !== 'coat' || entry.where.armyId === army.id,
    );
    const needed = paintNeeded(army, recipeOf, shelfInHand(), own);
    return {
      needed: { ...needed, pots: paintToCome(needed, paintTaken(ofArmy)) },
      own: own.paint === 1 ? null : { factor: own.paint, from: paint?.isUsed ? paint : null },
      recipeNames: names,
      lineNumbers,
    };
  },

  unitOrder(army: Army, unitId: string): UnitOrder {
    const unit = unitOf(army, unitId);
    if (!unit) return { orders: [] };
    const { recipeOf, lineNumbers, pins } = armyRecipes(army);
    const surfaces = orderedSurfaces(army, unit, recipeOf);
    const turnAt = ({ surface, step }: OrderEntry) => {
      const { surface: held, steps } = surfaces[surface];
      // Once something of a surface waits, what comes after it waits too.
      return Math.max(...steps.slice(0, step + 1).map((each) => turnOf(unit, held, each.step)));
    };
    const lineOf = (entry: OrderEntry): OrderedLine => {
      const { surface, steps } = surfaces[entry.surface];
      const { step, minutes } = steps[entry.step];
      const recipeId = recipeIdOf(unit, surface.id);
      return {
        surfaceId: surface.id,
        stepId: step.id,
        recipeId,
        lineNumber: lineNumbers[`${recipeId} ${step.id}`],
        stage: step.stage,
        technique: step.technique,
        minutes,
        hex: hexOf(recipeId, step.id),
        isHeldBack: turnAt(entry) > 0,
      };
    };
    return {
      orders: workOrders.map(({ name }) => {
        const { order, risk } = orderOfWork(surfaces, name, turnAt);
        return { name, risk, lines: order.map(lineOf) };
      }),
    };

    function hexOf(recipeId: string, stepId: string): string | null {
      const pin = pins.find((each) => each.recipeId === recipeId);
      const recipe = pin && recipeOf(pin);
      const index = recipe?.steps.findIndex(({ id }) => id === stepId) ?? -1;
      if (!recipe || index < 0) return null;
      const shares = flattenMix(recipe.steps[index].mix, recipe.steps.slice(0, index));
      const shelf = shelfInHand();
      return knownColour(shares, mixedPaint(shares, shelf), shelf).hex;
    }

    function recipeIdOf(of: Unit, surfaceId: string): string {
      const surface = workSurfaces(of).find(({ id }) => id === surfaceId);
      return (surface && pinOf(army, surface)?.recipeId) ?? '';
    }
  },
};
