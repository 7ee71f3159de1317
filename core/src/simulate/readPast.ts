import { placeOn } from '../answers/work/bench/paintedCoat';
import type { Bench } from '../answers/work/bench/bench';
import { pinOf } from '../answers/work/army/army';
import type { LogEntry } from '../answers/work/log/entry';
import { labsOf } from '../answers/work/readings/explainDrift';
import { fitFilm } from '../answers/work/readings/fitHand';
import type { Lab } from '../answers/work/readings/controlChart';
import type { Recipe } from '../written/recipe/recipe';
import { withFilm } from '../written/lines/withFilm';
import { chanceFrom } from './chance';
import type { PastAsked } from './past';

type Unplaced = LogEntry & { by: string };

/** Where readings are taken, on the tone axis. */
const places = [0.32, 0.5, 0.8];
const minuteMs = 60_000;
/** A reader and a hand differ by so much from one time to the next, in Lab. */
const noise = 0.5;
/** How much more of its first pot went into a mix once the drift had begun. */
const drifted = 1.9;

/**
 * Readings of finished models of one surface: of a hand whose film is not the usual one, and of a
 * mix that drifted; and what was learned of them, worked out as the ledger does.
 */
export function readPast(
  asked: PastAsked,
  entries: readonly LogEntry[],
  benches: readonly Bench[],
): Unplaced[] {
  const { army, recipeOf, shelf, drift, seed, now } = asked;
  const unit = army.units.find(({ id }) => id === drift?.unitId);
  const surface = unit?.surfaces.find(({ id }) => id === drift?.surfaceId);
  const pin = surface && pinOf(army, surface);
  const recipe = pin && recipeOf(pin);
  const painter = asked.painters.find(({ unitIds }) => unit && unitIds.includes(unit.id));
  const bench = benches.find(({ name }) => painter && name.startsWith(painter.name));
  if (!drift || !unit || !surface || !recipe || !painter || !bench) return [];
  const chance = chanceFrom(seed + 77);
  const asPainted = withFilm(recipe, painter.film);
  const labs = {
    before: labsOf(asPainted, shelf, places),
    after: labsOf(withMoreOfFirst(asPainted), shelf, places),
  };
  const finished = finishedModels(entries, drift.surfaceId, recipe);
  const off = (figure: number) => figure + noise * (chance.share() + chance.share() - 1);
  const read: Unplaced[] = [];
  const sure: Lab[][] = [];
  finished.forEach(({ model, at }) => {
    const usual = model < drift.fromModel ? labs.before : labs.after;
    const seen = usual.map(([value, a, b]): Lab => [off(value), off(a), off(b)]);
    if (model < drift.fromModel) sure.push(seen);
    seen.forEach((lab, index) =>
      read.push({
        kind: 'reading',
        id: '',
        benchId: bench.id,
        by: painter.name,
        order: 0,
        at: new Date(Math.min(now, at + (3 + index) * minuteMs)).toISOString(),
        where: placeOn(bench, unit, surface, [model]),
        place: places[index],
        lab: [Math.max(0, lab[0]), lab[1], lab[2]],
        from: 'reader',
      }),
    );
  });
  const last = read.at(-1);
  if (!last || sure.length === 0) return read;
  const fit = fitFilm(
    sure.map((each) => ({ recipe, places, labs: each })),
    shelf,
  );
  return [
    ...read,
    {
      kind: 'learned',
      id: '',
      benchId: bench.id,
      by: painter.name,
      order: 0,
      at: last.at,
      what: 'film',
      factor: fit.value,
      readings: fit.readings,
      before: fit.before,
      after: fit.after,
    },
  ];
}

/** Models whose last line is on, with when it was. */
function finishedModels(entries: readonly LogEntry[], surfaceId: string, recipe: Recipe) {
  const lastStep = recipe.steps.at(-1)?.id;
  return entries
    .filter((entry) => entry.kind === 'coat')
    .filter(({ where, stepId }) => where.surfaceId === surfaceId && stepId === lastStep)
    .flatMap(({ where, at }) => where.models.map((model) => ({ model, at: Date.parse(at) })))
    .filter(({ model }, index, all) => all.findIndex((each) => each.model === model) === index)
    .sort((one, other) => one.model - other.model);
}

const withMoreOfFirst = (recipe: Recipe): Recipe => ({
  ...recipe,
  steps: recipe.steps.map((step) => ({
    ...step,
    mix: {
      ...step.mix,
      parts: step.mix.parts.map((part, index) =>
        index === 0 && step.mix.parts.length > 1 ? { ...part, parts: part.parts * drifted } : part,
      ),
    },
  })),
});
