import type { Aim } from './aim';
import { aimWeights } from './aimWeights';
import { formField } from './formField';
import type { Shape } from './shape';
import { countedAt, countedPlaces, toneSteps } from './toneCount';

/** A part of a form on which every aim holds nearly as far. */
export interface AspectPart {
  /** how far each aim holds, 0–1 */
  weights: readonly number[];
  /** of the form's area, 0–1 */
  share: number;
  /** share of the places of each tone, 0–1 */
  ofTone: readonly number[];
}

/** Steps from 0 to 1 in which effects of places, and weights of parts, are rounded. */
const effectsToldApart = 20;
const fineness = 256;
/** The most parts a form is cut into; a line of a recipe is predicted on each. */
const mostParts = 48;
/** A part is cut no further when its effects spread less than this: its share × their variance. */
const leastSpread = 0.0001;

/**
 * The first tenth of a coat changes more than the last: places are put together by the effect of
 * their weights and not by the weights.
 */
const steepness = 3;
const effectOf = (weight: number) => 1 - Math.exp(-steepness * weight);
const weightOf = (effect: number) =>
  Math.round((-Math.log(Math.max(1e-9, 1 - effect)) / steepness) * fineness) / fineness;

/** Places with the same rounded effects. */
interface Group {
  /** effect of each aim, in the mean of its places */
  effects: Float64Array;
  area: number;
  byTone: Float64Array;
}

/**
 * Cuts a form into parts on which every aim holds nearly as far: where aims begin and end first,
 * then their fades. Which combinations occur, and on how much of the surface, is counted place by
 * place; each cut divides the part whose weights are most spread, at their mean.
 *
 * @param aims in an order that does not depend on the lines
 * @returns one or more parts; shares add up to 1, tone by tone too
 */
export function aspectParts(shape: Shape, aims: readonly Aim[]): AspectPart[] {
  const field = formField(shape, countedAt);
  const weights = aims.map((aim) => aimWeights(field, aim, shape.spots));
  const groups = new Map<string, Group>();
  const all = new Float64Array(toneSteps + 1);
  let area = 0;
  for (const counted of countedPlaces(field)) {
    const key = weights
      .map((of) => Math.round(effectOf(of[counted.place]) * effectsToldApart))
      .join();
    const group = groups.get(key) ?? {
      effects: new Float64Array(aims.length),
      area: 0,
      byTone: new Float64Array(toneSteps + 1),
    };
    groups.set(key, group);
    group.area += counted.area;
    group.byTone[counted.toneStep] += counted.area;
    weights.forEach((of, i) => {
      group.effects[i] += effectOf(of[counted.place]) * counted.area;
    });
    all[counted.toneStep] += counted.area;
    area += counted.area;
  }
  const sorted = [...groups].sort(([one], [other]) => (one < other ? -1 : 1));
  const cut = cutApart(
    sorted.map(([, group]) => ({
      ...group,
      effects: group.effects.map((sum) => sum / group.area),
    })),
    area,
  );
  return cut.map(({ effects, area: own, byTone }): AspectPart => ({
    weights: [...effects].map(weightOf),
    share: own / area,
    ofTone: [...byTone].map((each, step) => (all[step] > 0 ? each / all[step] : own / area)),
  }));
}

/** Groups put together until every part is alike, or there are enough parts. */
function cutApart(groups: readonly Group[], area: number): Group[] {
  const parts = [partOf(groups)];
  while (parts.length < mostParts) {
    const widest = parts.reduce((best, each) => (each.spread > best.spread ? each : best));
    if (widest.spread / area < leastSpread) break;
    const at = widest.mean[widest.aim];
    const isAbove = (group: Group) => group.effects[widest.aim] > at;
    parts.splice(
      parts.indexOf(widest),
      1,
      partOf(widest.groups.filter((group) => !isAbove(group))),
      partOf(widest.groups.filter(isAbove)),
    );
  }
  const rounded = new Map<string, Group>();
  for (const { groups: those, mean } of parts) {
    const key = Array.from(mean, weightOf).join();
    const same = rounded.get(key);
    rounded.set(key, {
      effects: same?.effects ?? mean,
      area: (same?.area ?? 0) + areaOf(those),
      byTone: those.reduce(
        (sum, { byTone }) => sum.map((each, step) => each + byTone[step]),
        same?.byTone ?? new Float64Array(toneSteps + 1),
      ),
    });
  }
  return [...rounded.values()];
}

const areaOf = (groups: readonly Group[]) => groups.reduce((sum, { area }) => sum + area, 0);

/** Groups as one part: the means of their weights, and the aim whose weights are most spread. */
function partOf(groups: readonly Group[]) {
  const area = areaOf(groups);
  const mean = groups[0].effects.map(
    (_, i) => groups.reduce((sum, group) => sum + group.area * group.effects[i], 0) / area,
  );
  let aim = 0;
  let spread = -1;
  mean.forEach((middle, i) => {
    const own = groups.reduce(
      (sum, group) => sum + group.area * (group.effects[i] - middle) ** 2,
      0,
    );
    if (own > spread) [aim, spread] = [i, own];
  });
  return { groups, mean, aim, spread };
}
