import {
  batchSizes,
  BatchTooLargeError,
  madeFrom,
  masstoneOf,
  mixedPaint,
  paintedOnArmy,
  planBatch,
  plannedSessions,
  planNotes,
  splitOver,
  surfaceColour,
  type Army,
  type Batch,
  type BatchSize,
  type CoatEntry,
  type EntryHead,
  type LearnedFigures,
  type MadeFrom,
  type NotedCoat,
  type PlannedSession,
  type PlannedWork,
} from '@yellow-ledger/core';
import { armyRecipes } from '../../../workers/shared/armyRecipes';
import { logInHand, ownFigures, shelfInHand } from '../../../workers/shared/ledgerData';

/** The inputs of a plan made now, and the names it is told in. */
export interface PlanGround {
  madeFrom: MadeFrom;
  recipeNames: Record<string, string>;
  /** lines of recipes by `recipe line`, from 1 */
  lineNumbers: Record<string, number>;
  /** the painter's own figures it is reckoned with */
  learned: LearnedFigures;
}

/** The result of a search, or why there is none. */
export type Planned =
  | {
      work: PlannedWork;
      madeFrom: MadeFrom;
      /** it was looked for as long as it was worth it, and not cut off */
      isThrough: boolean;
    }
  | { problem: string };

/** The needs of each session of a plan, and the colours of its paints. */
export interface ToldPlan {
  sessions: PlannedSession[];
  /** mixed colours that more than one session needs, by their place among the mixes */
  split: number[];
  /** thick and dry, by the place of the mix */
  hexes: string[];
}

/** How long it works before it looks whether it is still wanted. */
const stretchMs = 40;

let newest = 0;

/** Lets what was asked meanwhile come in. */
const breathe = () => new Promise((resolve) => setTimeout(resolve));

export const planWork = {
  planGround(army: Army, batch: Batch): PlanGround {
    const { names, lineNumbers } = armyRecipes(army);
    return {
      madeFrom: madeFromNow(army, batch),
      recipeNames: names,
      lineNumbers,
      learned: ownFigures(),
    };
  },

  /**
   * Plans a batch, a stretch at a time; asking again gives up what is being planned.
   *
   * @param onProgress told how far it is, 0–1
   * @param kept the plan that was promised, whose hands are kept where they can be
   * @returns null where it was given up
   */
  async planBatch(
    army: Army,
    batch: Batch,
    onProgress: (done: number) => void,
    kept?: PlannedWork,
  ): Promise<Planned | null> {
    const mine = ++newest;
    // A cancellation sent at once is handled before the search begins.
    await breathe();
    if (mine !== newest) return null;
    const { recipeOf } = armyRecipes(army);
    const painted = paintedOnArmy(army, recipeOf, logInHand());
    const from = madeFromNow(army, batch);
    const tries = planBatch(
      army,
      batch,
      recipeOf,
      shelfInHand(),
      painted,
      ownFigures().own,
      undefined,
      kept,
    );
    try {
      for (let breath = performance.now(); mine === newest;) {
        const next = tries.next();
        if (next.done) return { work: next.value, madeFrom: from, isThrough: true };
        const now = performance.now();
        if (now - breath < stretchMs) continue;
        onProgress(next.value.done);
        await breathe();
        breath = performance.now();
      }
    } catch (error) {
      if (!(error instanceof BatchTooLargeError)) throw error;
      return { problem: `${error.message}; plan fewer models together.` };
    }
    return null;
  },

  toldPlan(work: PlannedWork, batch: Batch): ToldPlan {
    const shelf = shelfInHand();
    const known = work.mixes.map(({ shares }) => shares.every(({ potId }) => shelf.has(potId)));
    return {
      // A pot that was deleted since has no colour to count drops by.
      sessions: known.every(Boolean) ? plannedSessions(work, batch, shelf) : [],
      split: splitOver(work),
      hexes: work.mixes.map(({ shares }, mix) =>
        known[mix] ? surfaceColour(masstoneOf(mixedPaint(shares, shelf))).hex : 'transparent',
      ),
    };
  },

  /**
   * The coats painted by a plan, as entries of the log.
   *
   * @param head of the first; the others follow it
   */
  notedCoats(army: Army, batch: Batch, coats: NotedCoat[], head: EntryHead): CoatEntry[] {
    const { recipeOf } = armyRecipes(army);
    const headOf = (_coat: NotedCoat, part: number) => ({
      ...head,
      id: crypto.randomUUID(),
      order: head.order + part,
    });
    return planNotes(army, batch, coats, recipeOf, headOf, ownFigures().own).entries;
  },

  /** Gives up what is being planned. */
  stopPlanning(): void {
    newest++;
  },

  /** How many models of each unit keep one painter busy. */
  async batchSizes(army: Army, batch: Batch): Promise<Record<string, BatchSize>> {
    const { recipeOf } = armyRecipes(army);
    const sizes: [string, BatchSize][] = [];
    for (const unit of army.units) {
      const last = batchSizes(army, unit, recipeOf, shelfInHand(), batch).at(-1);
      if (last) sizes.push([unit.id, last]);
      await new Promise((resolve) => setTimeout(resolve));
    }
    return Object.fromEntries(sizes);
  },
};

function madeFromNow(army: Army, batch: Batch): MadeFrom {
  const { recipeOf, pins } = armyRecipes(army);
  const recipes = pins.flatMap((pin) => recipeOf(pin) ?? []);
  const painted = paintedOnArmy(army, recipeOf, logInHand());
  return madeFrom(army, batch, recipes, shelfInHand(), ownFigures().own, painted);
}
