import {
  armySchema,
  batchSchema,
  batchSizes,
  BatchTooLargeError,
  masstoneOf,
  mixedPaint,
  planBatch,
  surfaceColour,
  withLogged,
  type BatchPlan,
  type BatchSize,
  type LearnedFigures,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { fetchArmyRecipes } from './armyRecipes';
import { ownFigures, wholeLog } from './logInHand';
import { shelfInHand } from './shelfInHand';

/** A plan with the names it is told in, or why there is none. */
export interface Planned {
  plan: BatchPlan | null;
  problem: string | null;
  recipeNames: Record<string, string>;
  /** lines of recipes by `recipe line`, from 1 */
  lineNumbers: Record<string, number>;
  /** the painter's own figures it was reckoned with */
  learned: LearnedFigures;
  /** it was looked for as long as it was worth it, and not cut off */
  isThrough: boolean;
}

/** Longer than this nobody is kept waiting; the best so far is given. */
const longestMs = 1800;
/** How long it works before it looks whether it is still wanted. */
const stretchMs = 40;

const sharesSchema = z.array(z.array(z.object({ potId: z.string(), share: z.number() })));

let newest = 0;

export const planWork = {
  /**
   * Plans a batch, a stretch at a time; asking again gives up what is being planned.
   *
   * @param onProgress told how far it is, 0–1
   */
  async planBatch(
    askedArmy: unknown,
    askedBatch: unknown,
    onProgress: (done: number) => void,
  ): Promise<Planned | null> {
    const mine = ++newest;
    const army = armySchema.parse(askedArmy);
    const batch = batchSchema.parse(askedBatch);
    const { recipeOf, names: recipeNames, lineNumbers } = await fetchArmyRecipes(army);
    const learned = await ownFigures();
    const told = { recipeNames, lineNumbers, learned, problem: null };
    const started = performance.now();
    const painted = withLogged(batch, army.id, await wholeLog());
    const tries = planBatch(army, painted, recipeOf, shelfInHand(), learned.own);
    try {
      for (let breath = started; mine === newest;) {
        const next = tries.next();
        if (next.done) return { ...told, plan: next.value, isThrough: true };
        const now = performance.now();
        if (now - started > longestMs)
          return { ...told, plan: next.value.plan(), isThrough: false };
        if (now - breath < stretchMs) continue;
        onProgress(Math.max(next.value.done, (now - started) / longestMs));
        await new Promise((resolve) => setTimeout(resolve));
        breath = performance.now();
      }
    } catch (error) {
      if (!(error instanceof BatchTooLargeError)) throw error;
      const problem = `${error.message}; plan fewer models together.`;
      return { ...told, plan: null, problem, isThrough: true };
    }
    return null;
  },

  /** What paints look like, thick and dry. */
  mixHexes(asked: unknown): string[] {
    const shelf = shelfInHand();
    return sharesSchema
      .parse(asked)
      .map((shares) => surfaceColour(masstoneOf(mixedPaint(shares, shelf))).hex);
  },

  /** Gives up what is being planned. */
  stopPlanning(): void {
    newest++;
  },

  /** How many models of each unit keep one painter busy. */
  async batchSizes(askedArmy: unknown, askedBatch: unknown): Promise<Record<string, BatchSize>> {
    const army = armySchema.parse(askedArmy);
    const batch = batchSchema.parse(askedBatch);
    const { recipeOf } = await fetchArmyRecipes(army);
    const sizes: [string, BatchSize][] = [];
    for (const unit of army.units) {
      const last = batchSizes(army, unit, recipeOf, shelfInHand(), batch).at(-1);
      if (last) sizes.push([unit.id, last]);
      await new Promise((resolve) => setTimeout(resolve));
    }
    return Object.fromEntries(sizes);
  },
};
