import {
  BuildUpPredictor,
  dropsFor,
  keptSchema,
  opticsOfPot,
  filmOver,
  flatSpectrum,
  surfaceColour,
  predictBuildUp,
  recipeSchema,
  shelfOf,
  potSchema,
  wetVolumeMl,
  flattenMix,
  isIncluded,
  type BuildUp,
  type Drops,
  type Kept,
  type Recipe,
} from '@yellow-ledger/core';
import * as Comlink from 'comlink';
import { z } from 'zod';

/** What the recipe page shows beside the lines themselves. */
export interface Prediction {
  buildUp: BuildUp;
  /** by line; null where the line is left out at this finish level */
  drops: (Drops | null)[];
}

/** A recipe as the list shows it. */
export interface RecipeRow {
  id: string;
  name: string;
  surface: Recipe['surface'];
  lines: number;
  groundPotId: string;
  models: number;
  archived: boolean;
  savedAt: string;
}

/** The last ribbon of a recipe, for its picture in the list. */
export interface LastRibbon {
  stops: readonly number[];
  hexes: string[];
  isEstimate: boolean;
}

/** A band of paint across a card that is half black and half white. */
export interface Stripe {
  overBlack: string;
  overWhite: string;
}

/** What a printed card reflects. */
const blackCard = 0.04;
const whiteCard = 0.9;

const shelfSchema = z.array(potSchema);
const listSchema = z.object({ items: z.array(keptSchema(recipeSchema)) });

let shelf = shelfOf([]);
let listed = new Map<string, Kept<Recipe>>();
const predictor = new BuildUpPredictor();
const dropsKnown = new Map<string, Drops>();
const dropsKept = 2000;

/** Everything that may take longer than a frame, away from the thread that takes the typing. */
const ledgerWorker = {
  setShelf(pots: unknown): void {
    shelf = shelfOf(shelfSchema.parse(pots));
    dropsKnown.clear();
  },

  predict(draft: unknown): Prediction {
    const recipe = recipeSchema.parse(draft);
    return { buildUp: predictor.predict(recipe, shelf), drops: recipe.steps.map(dropsOf, recipe) };
  },

  /** Fetches the list of recipes; a thousand of them are read here and only their heads handed on. */
  async recipeRows(): Promise<RecipeRow[]> {
    const response = await fetch('/api/recipes');
    if (!response.ok) throw new Error('The ledger’s server did not give the list of recipes.');
    const { items } = listSchema.parse(await response.json());
    listed = new Map(items.map((kept) => [kept.content.id, kept]));
    return items.map(({ content, savedAt }) => ({
      id: content.id,
      name: content.name,
      surface: content.surface,
      lines: content.steps.length,
      groundPotId: content.groundPotId,
      models: content.models,
      archived: content.archived,
      savedAt,
    }));
  },

  /** The last ribbons of recipes from the list fetched before. */
  lastRibbons(ids: string[]): Record<string, LastRibbon> {
    const ribbons: Record<string, LastRibbon> = {};
    for (const id of ids) {
      const recipe = listed.get(id)?.content;
      if (!recipe || !shelf.has(recipe.groundPotId)) continue;
      const { stops, ground, groundIsEstimate, steps } = predictBuildUp(recipe, shelf);
      const last = steps.at(-1);
      ribbons[id] = {
        stops,
        hexes: (last?.surface ?? ground).map(({ hex }) => hex),
        isEstimate: last?.isEstimate ?? groundIsEstimate,
      };
    }
    return ribbons;
  },

  /** One neat coat of each pot over the black and the white half of a card. */
  stripes(pots: { swatch: string; hiding: number }[]): Stripe[] {
    return pots.map(({ swatch, hiding }) => {
      const paint = opticsOfPot(swatch, hiding);
      const over = (card: number) => surfaceColour(filmOver(flatSpectrum(card), paint, 1)).hex;
      return { overBlack: over(blackCard), overWhite: over(whiteCard) };
    });
  },
};

export type LedgerWorker = typeof ledgerWorker;

function dropsOf(this: Recipe, step: Recipe['steps'][number], index: number): Drops | null {
  if (!isIncluded(step, this.finishLevel)) return null;
  const earlier = this.steps.slice(0, index);
  const volumeMl = wetVolumeMl(step, this);
  if (!(volumeMl > 0)) return null;
  const shares = flattenMix(step.mix, earlier);
  const key = JSON.stringify([shares, step.mix.waterParts, step.mix.mediumParts, volumeMl]);
  const drops = dropsKnown.get(key) ?? dropsFor(step.mix, earlier, shelf, volumeMl);
  if (dropsKnown.size > dropsKept) dropsKnown.clear();
  dropsKnown.set(key, drops);
  return drops;
}

Comlink.expose(ledgerWorker);
