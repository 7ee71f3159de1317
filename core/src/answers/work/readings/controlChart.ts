import { colourDifference } from '../../../light/colour/colourDifference';
import { colourOfLab } from '../../../light/colour/colourOfLab';
import { solveLinear } from '../../../light/colour/solveLinear';

/** CIELAB under D65. */
export type Lab = readonly [value: number, a: number, b: number];

/** Readings of one model, at the places that were read of every one. */
export interface ReadModel {
  model: number;
  /** by place, in the same order for every model */
  labs: readonly Lab[];
}

export interface ChartPoint {
  model: number;
  /** mean ΔE00 from the first models, over its places */
  distance: number;
  /** how strongly it and the models before it say that something has changed; 1 is the limit */
  signal: number;
}

export interface ControlChart {
  points: ChartPoint[];
  /** distance one model seldom goes beyond by chance; null while there are too few */
  limit: number | null;
  /** the model at which it speaks, and from which model on it seems to have begun */
  speaks: { at: number; from: number } | null;
}

/** Models a painter's own spread is taken from before anything is said. */
export const firstModels = 8;
/** A change is looked for in the last so many models: one that is odd is no change yet. */
const leastRecent = 3;
const mostRecent = 5;
/**
 * A bound that chance seldom passes, in standard deviations of the normal distribution, at three places.
 * Found by simulation, as the lengths and the models that are compared hang together; the more
 * places, the further out one of them comes.
 */
const limitDeviations = 2.9;
const limitGrows = 0.55;
const limitFor = (places: number) => limitDeviations + limitGrows * Math.log(places / 3);
/** A hand and a reader together are never surer than this, in Lab. */
const surestLab = 0.15;
/**
 * Readings that vary along a bent line (a place on a fade, read a little higher or lower) also lie a little
 * beside its own straight line: so much of the whole spread counts in every direction.
 */
const bends = 0.15;

/**
 * Whether models still match the first. What was read at each place is compared, over the last one
 * to five models, with all models before them, so that the limits come from the painter's own
 * spread, are wide while few models are known, and narrow as more come.
 *
 * @param models in the order they were painted, all with as many places
 * @source two-sample T², H. Hotelling 1931; to normal deviates, E. Paulson 1942
 */
export function controlChart(models: readonly ReadModel[]): ControlChart {
  const figures = models.map(({ labs }) => labs.flat());
  const limitHere = limitFor(Math.max(1, models.at(0)?.labs.length ?? 1));
  const points: ChartPoint[] = [];
  let speaks: ControlChart['speaks'] = null;
  const early = figures.slice(0, firstModels);
  const start = early.length > 0 ? meanOf(early) : [];
  models.forEach(({ model, labs }, index) => {
    let strongest = { deviations: 0, length: leastRecent };
    for (let length = leastRecent; length <= mostRecent; length++) {
      if (index + 1 - length < firstModels) break;
      const before = figures.slice(0, index + 1 - length);
      const deviations = changeBetween(before, figures.slice(index + 1 - length, index + 1));
      if (deviations > strongest.deviations) strongest = { deviations, length };
    }
    const distances = labs.map(([value, a, b], place) =>
      colourDifference(
        colourOfLab(value, a, b),
        colourOfLab(start[place * 3], start[place * 3 + 1], start[place * 3 + 2]),
      ),
    );
    const distance = distances.reduce((sum, each) => sum + each, 0) / distances.length;
    points.push({ model, distance, signal: strongest.deviations / limitHere });
    // Twice in a row: what stands on a steep fade jumps now and then.
    const wasStrong = (points.at(-2)?.signal ?? 0) > 1;
    if (!speaks && wasStrong && strongest.deviations > limitHere)
      speaks = { at: model, from: models[index + 1 - strongest.length].model };
  });
  const quiet = points.slice(0, firstModels).map(({ distance }) => distance);
  return { points, speaks, limit: quiet.length < firstModels ? null : limitOf(quiet) };
}

/** The largest change at any place, in normal deviates that chance would have to be out by. */
function changeBetween(before: readonly number[][], recent: readonly number[][]): number {
  const places = before[0].length / 3;
  const at = (rows: readonly number[][], place: number) =>
    rows.map((row) => row.slice(place * 3, place * 3 + 3));
  const deviates = Array.from({ length: places }, (_, place) =>
    changeAt(at(before, place), at(recent, place)),
  );
  return Math.max(...deviates);
}

/** Two-sample T² of Lab with the spread of the models before. @source H. Hotelling 1931 */
function changeAt(before: readonly number[][], recent: readonly number[][]): number {
  const was = medianOf(before);
  const change = medianOf(recent).map((middle, i) => middle - was[i]);
  const figures = was.length;
  const varies = (one: number, other: number) =>
    before.reduce((sum, row) => sum + (row[one] - was[one]) * (row[other] - was[other]), 0) /
    (before.length - 1);
  const all = was.reduce((sum, _, i) => sum + varies(i, i), 0);
  const least = surestLab ** 2 + bends * all;
  const spread = Float64Array.from({ length: figures * figures }, (_, cell) => {
    const [one, other] = [Math.floor(cell / figures), cell % figures];
    return varies(one, other) + (one === other ? least : 0);
  });
  const solved = solveLinear(spread, Float64Array.from(change));
  const distance = change.reduce((sum, each, i) => sum + each * solved[i], 0);
  const t2 = distance / (medianVaries / recent.length + medianVaries / before.length);
  const degrees = before.length - figures;
  return deviatesOf((t2 * degrees) / (figures * (before.length - 1)), figures, degrees);
}

/** The normal deviate that is as unlikely as a ratio of variances. @source E. Paulson 1942 */
function deviatesOf(ratio: number, figures: number, degrees: number): number {
  const [one, other] = [2 / (9 * figures), 2 / (9 * degrees)];
  const root = Math.cbrt(ratio);
  return ((1 - other) * root - (1 - one)) / Math.sqrt(one + other * root * root);
}

/** Individuals chart: mean and 2.66 times the mean moving range. @source W. A. Shewhart 1931 */
function limitOf(distances: readonly number[]): number {
  const ranges = distances.slice(1).map((each, i) => Math.abs(each - distances[i]));
  const mean = (all: readonly number[]) => all.reduce((sum, each) => sum + each, 0) / all.length;
  return mean(distances) + 2.66 * mean(ranges);
}

/** The median of a sample varies so many times as much as its mean. @source large samples, π/2 */
const medianVaries = Math.PI / 2;

function medianOf(rows: readonly number[][]): number[] {
  return rows[0].map((_, i) => {
    const sorted = rows.map((row) => row[i]).sort((one, other) => one - other);
    const [low, high] = [(sorted.length - 1) >> 1, sorted.length >> 1];
    return (sorted[low] + sorted[high]) / 2;
  });
}

function meanOf(rows: readonly number[][]): number[] {
  return rows[0].map((_, i) => rows.reduce((sum, row) => sum + row[i], 0) / rows.length);
}
