import { aimKey, type Aim } from './aim';
import { aimWeights } from './aimWeights';
import { formField } from './formField';
import { forms } from './forms';
import type { Shape } from './shape';

/** A way of looking at one surface: how far each aim of its recipe goes on there. */
export interface Aspect {
  /** the aim that is fulfilled; null for the plain one */
  aim: Aim | null;
  /** key of that aim, '' for the plain one */
  key: string;
  /** share of the form's area that looks so, 0–1; of all aspects together 1 */
  share: number;
  /** how far the aims of the recipe are fulfilled here, 0–1 in quarters, by their keys */
  weights: ReadonlyMap<string, number>;
  /** share of the places of a tone that look so, 0–1, at even distances from pit to point */
  ofTone: readonly number[];
}

/** Cells along each side at which forms are counted out. */
const countedAt = 72;
/** Tones a form is counted out in, from pit to point. */
const toneSteps = 32;
/** An aim that nearly all of a form fulfils is no way of looking at it: the form is so of itself. */
const ownFrom = 0.97;
/** Of a place where half of an aim goes on, the aim says how it looks. */
const aimedFrom = 0.5;
const quarters = 4;

/** Nothing to aim at: the one way a surface looks. */
export const plainAspect: Aspect = {
  aim: null,
  key: '',
  share: 1,
  weights: new Map(),
  ofTone: Array.from({ length: toneSteps + 1 }, () => 1),
};

const kept = new Map<string, readonly Aspect[]>();
const mostKept = 60;

/**
 * The aspects of a surface: the plain one, and one for each different aim that some of the form
 * fulfils and not all of it. Every place belongs to the aspect whose weights are nearest to its own.
 *
 * @param aims of the recipe's lines; those without one are left out
 */
export function aspectsOf(shape: Shape, aims: readonly Aim[]): readonly Aspect[] {
  const byKey = new Map(aims.map((aim) => [aimKey(aim), aim]));
  byKey.delete('');
  if (byKey.size === 0) return [plainAspect];
  const key = `${shapeKey(shape)} ${[...byKey.keys()].join(' ')}`;
  const known = kept.get(key);
  if (known) return known;
  if (kept.size >= mostKept) kept.clear();
  const aspects = countOut(shape, byKey);
  kept.set(key, aspects);
  return aspects;
}

const shapeKey = ({ form, light, sections, spots }: Shape) =>
  JSON.stringify([form, light, sections, spots]);

function countOut(shape: Shape, aims: ReadonlyMap<string, Aim>): Aspect[] {
  const field = formField(shape, countedAt);
  const cells = field.inside.length;
  const keys = [...aims.keys()];
  const weights = [...aims.values()].map((aim) => aimWeights(field, aim, shape.spots));
  const sides = forms[shape.form].hasBack ? 2 : 1;
  const places: number[] = [];
  for (let place = 0; place < cells * sides; place++)
    if (field.inside[place % cells]) places.push(place);
  const meanOver = (of: Float32Array, over: readonly number[]) =>
    over.length === 0 ? 0 : over.reduce((sum, place) => sum + of[place], 0) / over.length;
  const isOwn = weights.map((of) => meanOver(of, places) >= ownFrom);
  const isFulfilled = weights.map((of) => places.some((place) => of[place] > 0));
  const aimed = keys.flatMap((_, i) => (isFulfilled[i] && !isOwn[i] ? [i] : []));
  const plainWeights = isOwn.map((own) => (own ? 1 : 0));
  const ofAim = aimed.map((own) => {
    const most = places.reduce((best, place) => Math.max(best, weights[own][place]), 0);
    const there = places.filter((place) => weights[own][place] >= Math.min(aimedFrom, most));
    return weights.map((of, i) => (i === own || isOwn[i] ? 1 : inQuarters(meanOver(of, there))));
  });
  const vectors = [plainWeights, ...ofAim];
  const counted = vectors.map(() => new Float64Array(toneSteps + 1));
  const all = new Float64Array(toneSteps + 1);
  for (const place of places) {
    const step = Math.round(field.tone[place % cells] * toneSteps);
    counted[nearest(vectors, weights, place)][step]++;
    all[step]++;
  }
  return vectors.map((vector, k): Aspect => {
    const own = k === 0 ? null : keys[aimed[k - 1]];
    const share = counted[k].reduce((sum, each) => sum + each, 0) / places.length;
    return {
      aim: own === null ? null : (aims.get(own) ?? null),
      key: own ?? '',
      share,
      weights: new Map(keys.map((each, i) => [each, vector[i]])),
      ofTone: [...counted[k]].map((count, step) => (all[step] > 0 ? count / all[step] : share)),
    };
  });
}

const inQuarters = (weight: number) => Math.round(weight * quarters) / quarters;

function nearest(
  vectors: readonly number[][],
  weights: readonly Float32Array[],
  place: number,
): number {
  let best = 0;
  let least = Infinity;
  vectors.forEach((vector, k) => {
    let apart = 0;
    for (let i = 0; i < vector.length; i++) apart += Math.abs(vector[i] - weights[i][place]);
    // Of two as near, the later aim lies on top.
    if (apart > least + 1e-9) return;
    least = apart;
    best = k;
  });
  return best;
}

/** Share of the places of a tone that look as an aspect says, 0–1. */
export const shareOfTone = ({ ofTone }: Aspect, tone: number): number => atTone(ofTone, tone);

/** A figure counted out at even distances from pit to point, at any tone between. */
export function atTone(counted: readonly number[], tone: number): number {
  const at = Math.min(toneSteps, Math.max(0, tone * toneSteps));
  const low = Math.floor(at);
  const high = Math.min(toneSteps, low + 1);
  return counted[low] + (counted[high] - counted[low]) * (at - low);
}

/**
 * How far the places of a tone fulfil an aim in the mean, 0–1: its share of them, counting those
 * that get less of it by how much they get.
 */
export function aimedShares(shape: Shape, aim: Aim): readonly number[] {
  const key = `${shapeKey(shape)} ${aimKey(aim)}`;
  const known = sharesKept.get(key);
  if (known) return known;
  if (sharesKept.size >= mostSharesKept) sharesKept.clear();
  const shares = countShares(shape, aim);
  sharesKept.set(key, shares);
  return shares;
}

const sharesKept = new Map<string, readonly number[]>();
const mostSharesKept = 400;

function countShares(shape: Shape, aim: Aim): readonly number[] {
  const field = formField(shape, countedAt);
  const weights = aimWeights(field, aim, shape.spots);
  const cells = field.inside.length;
  const sides = forms[shape.form].hasBack ? 2 : 1;
  const sum = new Float64Array(toneSteps + 1);
  const all = new Float64Array(toneSteps + 1);
  let whole = 0;
  for (let place = 0; place < cells * sides; place++) {
    if (!field.inside[place % cells]) continue;
    const step = Math.round(field.tone[place % cells] * toneSteps);
    sum[step] += weights[place];
    all[step]++;
    whole += weights[place];
  }
  const mean = whole / all.reduce((total, each) => total + each, 0);
  return [...sum].map((each, step) => (all[step] > 0 ? each / all[step] : mean));
}
