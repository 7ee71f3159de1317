import {
  batchWith,
  BatchTooLargeError,
  paintedOnArmy,
  planEnd,
  sessionsBy,
  waysOut,
  type Army,
  type Batch,
  type PlanEnd,
  type Session,
  type WayOut,
} from '@yellow-ledger/core';
import { armyRecipes } from '../../../workers/shared/armyRecipes';
import { logInHand, ownFigures, shelfInHand } from '../../../workers/shared/ledgerData';

export interface PlannedWay {
  way: WayOut;
  end: PlanEnd;
}

function known(army: Army) {
  const { recipeOf } = armyRecipes(army);
  const painted = paintedOnArmy(army, recipeOf, logInHand());
  return { recipeOf, painted, shelf: shelfInHand(), own: ownFigures().own };
}

const newPainter = { id: 'one-more', name: 'One more', speed: 1, claims: [] };

export const answerWork = {
  /** When a plan will be done. @param more evenings after those it has */
  async planOnwards(army: Army, batch: Batch, more: readonly Session[]): Promise<PlanEnd | null> {
    // An older question is given up where something newer was asked meanwhile.
    await new Promise((resume) => setTimeout(resume));
    try {
      const sessions = [...sessionsBy(batch, null), ...more];
      return planEnd(army, { ...batch, sessions }, known(army));
    } catch (error) {
      // The plan itself says that there is too much in it.
      if (error instanceof BatchTooLargeError) return null;
      throw error;
    }
  },

  /** Each way out really planned, the soonest end first. */
  async plannedWays(army: Army, batch: Batch, more: readonly Session[]): Promise<PlannedWay[]> {
    const found = known(army);
    const ways: PlannedWay[] = [];
    for (const way of waysOut(army, batch, found)) {
      const taken = batchWith(way, army, batch, newPainter);
      const sessions = [...sessionsBy(taken, null), ...more];
      ways.push({ way, end: planEnd(army, { ...taken, sessions }, found) });
      await new Promise((resume) => setTimeout(resume));
    }
    const endOf = ({ end }: PlannedWay) => end.endsAt ?? Infinity;
    return ways.sort((one, other) => endOf(one) - endOf(other));
  },
};
