import {
  aimKeyOf,
  aimOf,
  aspectNames,
  shapeOf,
  colourDifference,
  colourOfLab,
  controlChart,
  explainDrift,
  fitFilm,
  fitHiding,
  includedSteps,
  isAtHand,
  labsOf,
  likelierPlace,
  modelsByPin,
  onGround,
  pinKey,
  potIdsOf,
  readModels,
  simulatedReader,
  withFilm,
  surfaceBelow,
  surfaceColour,
  type Army,
  type ControlChart,
  type DriftCause,
  type Fit,
  type Lab,
  type LogEntry,
  type ReadPlace,
  type Recipe,
  type Step,
} from '@yellow-ledger/core';
import { armyRecipes } from '../../../workers/shared/armyRecipes';
import { doneOnModels } from './doneOnModels';
import { logInHand, ownFigures, shelfInHand } from '../../../workers/shared/ledgerData';

/** One surface of a unit. */
export interface SurfaceAsked {
  army: Army;
  unitId: string;
  surfaceId: string;
  /** models painted by this recipe; null takes the first there is */
  pin: string | null;
}

/** A reading that somebody is about to write. */
export interface ReadingAsked extends SurfaceAsked {
  model: number;
  place: ReadPlace;
  lab: Lab;
}

export interface ModelDistance {
  model: number;
  /** ΔE00 from what is predicted for it, by place */
  fromPrediction: number[];
  hexes: string[];
}

export interface Readings {
  /** recipes the surface is painted by, with how many models */
  groups: { key: string; name: string; models: number }[];
  chosen: string;
  models: number[];
  places: ReadPlace[];
  /** where lines are aimed: what can be read beside the plain surface */
  aspects: { line: string; name: string }[];
  read: ModelDistance[];
  /** models of which a place is missing */
  left: number[];
  chart: ControlChart;
  /** how far the models since then are from those before, ΔE00 in the mean of the places, where it speaks */
  change: number | null;
  causes: DriftCause[];
  film: Fit | null;
  pots: { potId: string; fit: Fit }[];
}

/** A pot’s hiding is worth correcting when it brings predictions nearer by so much, ΔE00. */
const worthwhile = 0.3;

export const readingWork = {
  /** Readings of one surface of a unit: how far from plan, whether they drift, what can be learned. */
  readings(asked: SurfaceAsked): Readings | null {
    const found = surfaceOf(asked);
    if (!found) return null;
    const { group, groups, recipe, entries, unitId, surfaceId } = found;
    const shelf = shelfInHand();
    const all = readModels(entries, unitId, surfaceId);
    const here = all.models.filter(({ model }) => group.models.includes(model));
    const { film } = ownFigures();
    const doneOf = doneOnModels(found);
    const known = new Map<Recipe, Lab[]>();
    const predicted = (model: number) => {
      const { done, standing } = doneOf(model);
      if (standing && !standing.isAlone)
        return labsOf(standing.recipe, standing.shelf, all.places, standing.own);
      const labs = known.get(done) ?? labsOf(withFilm(done, film), shelf, all.places);
      known.set(done, labs);
      return labs;
    };
    const read = here.map(({ model, labs }): ModelDistance => ({
      model,
      fromPrediction: labs.map((lab, i) => differenceOf(lab, predicted(model)[i])),
      hexes: labs.map((lab) => colourOfLab(...lab).hex),
    }));
    const chart = controlChart(here);
    const around = chart.speaks ? meansAround(here, chart.speaks.from) : null;
    const change = around?.since.map((lab, place): Lab => {
      const before = around.before[place];
      return [lab[0] - before[0], lab[1] - before[1], lab[2] - before[2]];
    });
    const candidates = [...shelf.values()].filter(isAtHand).map(({ id }) => id);
    // Of hands and pots is learned where nothing else lies on the surface.
    const asRead = here.flatMap(({ model, labs }) => {
      const { done, standing } = doneOf(model);
      return standing && !standing.isAlone ? [] : [{ recipe: done, places: all.places, labs }];
    });
    return {
      groups: groups.map(({ key, name, models }) => ({ key, name, models: models.length })),
      chosen: group.key,
      models: group.models,
      places: all.places,
      aspects: aimsOf(recipe),
      read,
      left: all.left.filter((model) => group.models.includes(model)),
      chart,
      change:
        around &&
        around.since.reduce((sum, lab, i) => sum + differenceOf(lab, around.before[i]), 0) /
          around.since.length,
      causes: change ? explainDrift(recipe, shelf, all.places, change, candidates).slice(0, 3) : [],
      film: asRead.length > 0 ? fitFilm(asRead, shelf, film) : null,
      pots:
        asRead.length > 0
          ? potIdsOf(recipe)
              .filter((potId) => potId !== recipe.groundPotId && shelf.has(potId))
              .map((potId) => ({ potId, fit: fitHiding(asRead, shelf, potId, film) }))
              .filter(({ fit }) => fit.before - fit.after > worthwhile)
              .sort((one, other) => one.fit.after - other.fit.after)
          : [],
    };
  },

  /** How a reading lies to what is predicted, and whether it looks like another place. */
  checkReading(reading: ReadingAsked) {
    const found = surfaceOf(reading);
    if (!found) return null;
    const { film } = ownFigures();
    const { recipe, shelf, own } = doneOnModels(found, 'now')(reading.model).seen(film);
    const [predicted] = labsOf(recipe, shelf, [reading.place], own);
    return {
      predictedHex: colourOfLab(...predicted).hex,
      difference: differenceOf(reading.lab, predicted),
      likelier: likelierPlace(reading.lab, reading.place, recipe, shelf),
    };
  },

  /** The answer of a practice reader for a model painted as predicted; for trying it out. */
  async practiceReading(asked: SurfaceAsked, model: number, places: number[]): Promise<Lab[]> {
    const found = surfaceOf(asked);
    if (!found) return [];
    const reader = simulatedReader(1 + Math.floor(Math.random() * 1e6));
    await reader.calibrate();
    // Two models are never painted exactly alike.
    const hand = 0.92 + 0.16 * Math.random();
    const { recipe, shelf } = doneOnModels(found, 'now')(model).seen(hand);
    const surface = surfaceBelow(recipe, shelf, '', { stops: places });
    const labs: Lab[] = [];
    for (const reflectance of surface) {
      const light = await reader.read({ reflectance, isTouching: true });
      const { value, a, b } = surfaceColour(light);
      labs.push([value, a, b]);
    }
    return labs;
  },
};

function surfaceOf({ army, unitId, surfaceId, pin }: SurfaceAsked) {
  const unit = army.units.find(({ id }) => id === unitId);
  const surface = unit?.surfaces.find(({ id }) => id === surfaceId);
  if (!unit || !surface) return null;
  const { recipeOf, names } = armyRecipes(army);
  const groups = modelsByPin(army, unit, surface).flatMap((group) => {
    const recipe = group.pin && recipeOf(group.pin);
    if (!recipe || !group.pin) return [];
    const name = names[recipe.id] ?? recipe.name;
    return [{ key: pinKey(group.pin), name, models: group.models, recipe }];
  });
  const group = groups.find(({ key }) => key === pin) ?? groups.at(0);
  if (!group) return null;
  const entries = ofArmy(logInHand(), army);
  return { army, unit, recipeOf, group, groups, recipe: group.recipe, entries, unitId, surfaceId };
}

/** The aims of a recipe, each by the first line that has it. */
function aimsOf(recipe: Recipe): { line: string; name: string }[] {
  const { recipe: whole } = onGround(recipe, shelfInHand());
  const lines = new Map<string, Step>();
  for (const step of includedSteps(recipe)) {
    const key = aimKeyOf(step);
    if (key !== '' && !lines.has(key)) lines.set(key, step);
  }
  const steps = [...lines.values()];
  const names = aspectNames(
    steps.map((step) => ({ aims: [aimOf(step)] })),
    shapeOf(whole),
  );
  return steps.map(({ id }, i) => ({ line: id, name: names[i] }));
}

const ofArmy = (entries: readonly LogEntry[], { id }: Army) =>
  entries.filter((entry) => !('where' in entry) || entry.where.armyId === id);

const differenceOf = (one: Lab, other: Lab) =>
  colourDifference(colourOfLab(...one), colourOfLab(...other));

/** The mean readings before a model and from it on, place by place. */
function meansAround(models: readonly { model: number; labs: readonly Lab[] }[], from: number) {
  const start = models.findIndex(({ model }) => model === from);
  const meanOf = (list: typeof models) =>
    models[0].labs.map((_, place): Lab => {
      const figure = (i: number) =>
        list.reduce((sum, { labs }) => sum + labs[place][i], 0) / Math.max(1, list.length);
      return [figure(0), figure(1), figure(2)];
    });
  return { before: meanOf(models.slice(0, start)), since: meanOf(models.slice(start)) };
}
