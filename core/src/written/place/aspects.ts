import { aimKey, type Aim } from './aim';
import { aspectParts, type AspectPart } from './aspectParts';
import { shapeKey, type Shape } from './shape';
import { meanAroundStop, toneSteps } from './toneCount';

/**
 * A part of a surface on which the aims of its lines hold alike. All aspects together are the
 * whole surface; they do not depend on the order of the lines.
 */
export interface Aspect {
  /** aims that hold for at least half here, and not everywhere; none for the rest of the surface */
  aims: readonly Aim[];
  /** the same for the same weights, '' where no aim holds */
  key: string;
  /** share of the surface's area, 0–1; of all aspects together 1 */
  share: number;
  /** how far each aim of the recipe holds here, 0–1, by its key */
  weights: ReadonlyMap<string, number>;
  /** share of the places of a tone that look so, 0–1, at even distances from pit to point */
  ofTone: readonly number[];
}

/** An aim that holds on nearly all of a form does not set a part of it apart. */
const everywhereFrom = 0.97;
/** An aim that holds for half or more says how a place looks. */
export const holdsFrom = 0.5;

/** The one aspect of a surface whose lines are aimed at nothing. */
export const plainAspect: Aspect = {
  aims: [],
  key: '',
  share: 1,
  weights: new Map(),
  ofTone: Array.from({ length: toneSteps + 1 }, () => 1),
};

const kept = new Map<string, readonly Aspect[]>();
const mostKept = 60;

/**
 * The aspects of a surface: the parts its aims together cut it into, fades included. The first one
 * is what most of the surface looks like; the others follow, the largest first.
 *
 * @param aims of the recipe's lines, in any order; those without one are left out
 * @returns one or more
 */
export function aspectsOf(shape: Shape, aims: readonly Aim[]): readonly Aspect[] {
  const byKey = new Map(aims.map((aim) => [aimKey(aim), aim]));
  byKey.delete('');
  if (byKey.size === 0) return [plainAspect];
  const sorted = [...byKey].sort(([one], [other]) => (one < other ? -1 : 1));
  const key = `${shapeKey(shape)} ${sorted.map(([each]) => each).join(' ')}`;
  const known = kept.get(key);
  if (known) return known;
  if (kept.size >= mostKept) kept.clear();
  const aspects = workOut(shape, sorted);
  kept.set(key, aspects);
  return aspects;
}

function workOut(shape: Shape, aims: readonly (readonly [key: string, aim: Aim])[]): Aspect[] {
  const parts = aspectParts(
    shape,
    aims.map(([, aim]) => aim),
  );
  const isEverywhere = aims.map(
    (_, i) =>
      parts.reduce((sum, part) => sum + (part.weights[i] >= holdsFrom ? part.share : 0), 0) >=
      everywhereFrom,
  );
  const aspects = parts.map(({ weights, share, ofTone }: AspectPart): Aspect => ({
    aims: aims.flatMap(([, aim], i) => (weights[i] >= holdsFrom && !isEverywhere[i] ? [aim] : [])),
    key: aims.flatMap(([key], i) => (weights[i] > 0 ? [`${key} × ${weights[i]}`] : [])).join(' & '),
    share,
    weights: new Map(aims.map(([key], i) => [key, weights[i]])),
    ofTone,
  }));
  aspects.sort((one, other) => other.share - one.share || (one.key < other.key ? -1 : 1));
  const [main] = mainAspects(aspects);
  return [main.aspect, ...aspects.filter((each) => each !== main.aspect)];
}

/** Aspects that look alike but for fades, by the largest of them. */
export interface MainAspect {
  aspect: Aspect;
  /** of all aspects on which the same aims hold, 0–1; and of the places of each tone */
  share: number;
  ofTone: readonly number[];
}

/** More parts than this nobody names; the smallest are put to those they are most like. */
const mostMain = 12;

/**
 * The aspects a painter would name: one for each set of aims that hold together, the largest
 * first. What lies in a fade counts to the side it is nearer to.
 *
 * @returns one to twelve, with the share of each; together 1
 */
export function mainAspects(aspects: readonly Aspect[]): MainAspect[] {
  const groups = new Map<string, MainAspect>();
  for (const aspect of aspects) {
    const key = aspect.aims.map(aimKey).join(' & ');
    const known = groups.get(key);
    const isLarger = !known || aspect.share > known.aspect.share;
    groups.set(
      key,
      together(isLarger ? aspect : known.aspect, [aspect, ...(known ? [known] : [])]),
    );
  }
  const sorted = [...groups.values()].sort(
    (one, other) => other.share - one.share || (one.aspect.key < other.aspect.key ? -1 : 1),
  );
  if (sorted.length <= mostMain) return sorted;
  const [first, ...main] = namedFirst(sorted).slice(0, mostMain);
  const all = [first.aspect, ...main.map(({ aspect }) => aspect)] as const;
  const nearest = new Map(sorted.map((each) => [each, nearestAspect(all, each.aspect)]));
  return all.map((aspect) =>
    together(
      aspect,
      sorted.filter((each) => nearest.get(each) === aspect),
    ),
  );
}

const together = (
  aspect: Aspect,
  parts: readonly Pick<Aspect, 'share' | 'ofTone'>[],
): MainAspect => ({
  aspect,
  share: parts.reduce((sum, { share }) => sum + share, 0),
  ofTone: aspect.ofTone.map((_, step) => parts.reduce((sum, { ofTone }) => sum + ofTone[step], 0)),
});

/** The largest, then where each aim holds on most, then the others by their size. */
function namedFirst(sorted: readonly MainAspect[]): MainAspect[] {
  const keys = new Set(sorted.flatMap(({ aspect }) => aspect.aims.map(aimKey)));
  const best = [...keys].flatMap((key) => {
    const most = sorted.find(({ aspect }) => aspect.aims.some((aim) => aimKey(aim) === key));
    return most ? [most] : [];
  });
  const named = new Set([sorted[0], ...best]);
  return [...named, ...sorted.filter((each) => !named.has(each))];
}

/** The aspect on which an aim holds most, the largest of several; the first where it holds nowhere. */
export function aspectOfAim<T extends Pick<Aspect, 'weights' | 'share'>>(
  aspects: readonly [T, ...T[]],
  key: string,
): T {
  if (key === '') return aspects[0];
  const held = ({ weights }: T) => weights.get(key) ?? 0;
  return aspects.reduce((best, each) => {
    const more = held(each) - held(best);
    return more > 0 || (more === 0 && held(best) > 0 && each.share > best.share) ? each : best;
  });
}

/** The largest aspect on which no aim holds; the main one where there is none. */
export function restOf<T extends Pick<Aspect, 'aims'>>(aspects: readonly [T, ...T[]]): T {
  return aspects.find(({ aims }) => aims.length === 0) ?? aspects[0];
}

/** The aspect of another list whose aims hold most as they do on this one. */
export function nearestAspect<T extends Pick<Aspect, 'weights'>>(
  aspects: readonly [T, ...T[]],
  { weights }: Pick<Aspect, 'weights'>,
): T {
  const apart = (each: T) => {
    const keys = new Set([...weights.keys(), ...each.weights.keys()]);
    return [...keys].reduce(
      (sum, key) => sum + Math.abs((weights.get(key) ?? 0) - (each.weights.get(key) ?? 0)),
      0,
    );
  };
  return aspects.reduce((best, each) => (apart(each) < apart(best) ? each : best));
}

/** Share of the places around a stop that look as an aspect says, 0–1. */
export const shareAroundStop = (
  { ofTone }: Pick<Aspect, 'ofTone'>,
  stops: readonly number[],
  stop: number,
): number => meanAroundStop(ofTone, stops, stop);
