import { directionOf, sideNames, type AimSide } from '../../written/place/aim';
import { usualLight, type LightDirection } from '../../written/place/light';
import type { Spot } from '../../written/place/shape';
import { flattenMix } from '../../written/recipe/flattenMix';
import { includedSteps, middleCoats } from '../../written/recipe/includedSteps';
import type { Shelf } from '../paint/mixedPaint';
import type { PaintedStep } from '../../written/recipe/paintedSteps';
import type { Recipe } from '../../written/recipe/recipe';
import { pinKey, type RecipePin } from '../../written/recipe/recipePin';

/** Recipes on top of each other beyond this are taken for a mistake. */
export const mostGrounds = 12;

/** The painted grounds of a recipe, the lowest first; and why there are no more of them. */
export interface GroundsBelow {
  grounds: readonly Recipe[];
  /** a recipe or version that is gone, or stands on itself by way of others: what lies below is the primer */
  problem: { is: 'gone' | 'circle' | 'deep'; pin: RecipePin } | null;
}

/** The finished surfaces a recipe stands on. */
export function groundsBelow(recipe: Recipe, shelf: Shelf): GroundsBelow {
  const grounds: Recipe[] = [];
  const seen = new Set([pinKey({ recipeId: recipe.id, version: null })]);
  for (let pin = recipe.ground; pin; pin = grounds[0].ground) {
    const below = shelf.grounds?.get(pinKey(pin));
    if (seen.has(pinKey(pin))) return { grounds, problem: { is: 'circle', pin } };
    if (!below) return { grounds, problem: { is: 'gone', pin } };
    if (grounds.length >= mostGrounds) return { grounds, problem: { is: 'deep', pin } };
    seen.add(pinKey(pin));
    grounds.unshift(below);
  }
  return { grounds, problem: null };
}

/** A recipe with everything it stands on, as if it were one. */
export interface WholeSurface {
  /** its first lines are those below, each with all its coats and its mix written out */
  recipe: Recipe;
  /** how many of its lines lie below the recipe's own */
  below: number;
}

/**
 * A recipe and what it stands on as one recipe over the lowest primer, so that everything that goes
 * by what lies below sees the same: paint over a finished surface is what paint over its lines is.
 * Form and light are those of the upper one; what is aimed at a light below keeps that light.
 *
 * @returns the recipe itself where it goes onto a primer
 * @throws CarryError
 */
export function onGround(recipe: Recipe, shelf: Shelf): WholeSurface {
  if (!recipe.ground) return { recipe, below: 0 };
  const known = kept.get(recipe);
  if (known?.shelf === shelf) return known.whole;
  const whole = together(recipe, shelf);
  kept.set(recipe, { shelf, whole });
  return whole;
}

/** A recipe is asked for many times while it is looked at; neither it nor a shelf ever changes. */
const kept = new WeakMap<Recipe, { shelf: Shelf; whole: WholeSurface }>();

function together(recipe: Recipe, shelf: Shelf): WholeSurface {
  const { grounds } = groundsBelow(recipe, shelf);
  if (grounds.length === 0) return { recipe, below: 0 };
  const light = recipe.light ?? usualLight;
  const lines = grounds.flatMap((ground, level) => finishedLines(ground, `${level}`, light));
  const spots = new Map<string, Spot>();
  for (const { spots: own } of [...grounds, recipe])
    for (const spot of own ?? []) spots.set(spot.id, spot);
  const { ground: _below, ...onPrimer } = recipe;
  const whole: Recipe = {
    ...onPrimer,
    groundPotId: grounds[0].groundPotId,
    steps: [...lines, ...recipe.steps],
    ...(spots.size > 0 && { spots: [...spots.values()] }),
  };
  return { recipe: whole, below: lines.length };
}

/** The painted lines of a recipe that is finished and dry, by themselves. */
function finishedLines(recipe: Recipe, level: string, light: LightDirection): PaintedStep[] {
  const lines = includedSteps(recipe).map((step): PaintedStep => {
    const index = recipe.steps.findIndex(({ id }) => id === step.id);
    const written = recipe.steps[index];
    const shares = flattenMix(step.mix, recipe.steps.slice(0, index));
    const { coatsAt: _atLevels, coatsUpTo: _most, restores: _repaired, ...rest } = step;
    return {
      ...rest,
      id: `${level} ${step.id}`,
      coats: middleCoats(written, recipe.finishLevel),
      level: 'field',
      mix: {
        ...step.mix,
        parts: shares.map(({ potId, share }) => ({ from: 'pot', potId, parts: share })),
      },
      placement: underLight(step.placement, recipe.light ?? usualLight, light),
    };
  });
  // No later layer takes any of it off.
  return lines.map((line, i) => (i === lines.length - 1 ? { ...line, isDry: true } : line));
}

/** A placement that was meant for one light, as it is said under another. */
function underLight(
  placement: PaintedStep['placement'],
  own: LightDirection,
  light: LightDirection,
): PaintedStep['placement'] {
  const facing = placement.aim?.facing;
  if (!facing || own === light || (facing.side !== 'light' && facing.side !== 'dark'))
    return placement;
  const side = nearestSide(facing.side, own);
  return { ...placement, aim: { ...placement.aim, facing: { ...facing, side } } };
}

/** The side of the figure a light comes from, or the one away from it. */
function nearestSide(side: AimSide, light: LightDirection): AimSide {
  const [x, y, z] = directionOf(side, light);
  const towards = (other: AimSide) => {
    const [u, v, w] = directionOf(other, light);
    return x * u + y * v + z * w;
  };
  return sideNames
    .filter((each) => each !== 'light' && each !== 'dark')
    .reduce((best, each) => (towards(each) > towards(best) ? each : best));
}

/** Why a recipe cannot go onto a finished surface; null where it can. */
export function groundRefusal(recipe: Recipe, shelf: Shelf): string | null {
  const { problem } = groundsBelow(recipe, shelf);
  if (!problem || !recipe.ground) return null;
  const below = shelf.grounds?.get(pinKey(recipe.ground))?.name ?? recipe.name;
  if (problem.is === 'circle') {
    const isBack = pinKey(problem.pin) === pinKey({ recipeId: recipe.id, version: null });
    return `“${recipe.name}” cannot go onto “${below}”: that ${isBack ? 'is painted on top of this one' : 'stands on itself further down'}.`;
  }
  if (problem.is === 'deep') return `More than ${mostGrounds} recipes lie on top of each other.`;
  return 'The recipe or the version it goes onto is gone.';
}
