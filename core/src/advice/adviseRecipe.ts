import type { BuildUp } from '../recipe/buildUp';
import type { Shelf } from '../recipe/mixedPaint';
import type { Recipe } from '../recipe/recipe';
import { adviceContext, type AdviceContext } from './adviceContext';
import { caution } from './caution';
import { chalkyDryBrush } from './chalkyDryBrush';
import { coatsWasted } from './coatsWasted';
import { darkUpward } from './darkUpward';
import { doesNotCover } from './doesNotCover';
import { filterOverPoints } from './filterOverPoints';
import { identity } from './identity';
import { metallicDulled } from './metallicDulled';
import { oneCoatGround } from './oneCoatGround';
import { potGone } from './potGone';
import type { Remark, RuleName } from './remark';
import { shadeKillsHue } from './shadeKillsHue';
import { skippedDrying } from './skippedDrying';
import { starkJump } from './starkJump';
import { tooThin } from './tooThin';
import { unmeasurable } from './unmeasurable';
import { unseenStep } from './unseenStep';
import { washedOut } from './washedOut';
import { washOverFinished } from './washOverFinished';

/** In the order they are told: what can hurt somebody, what cannot be painted, what will not look right. */
const rules: Record<RuleName, (context: AdviceContext) => Remark[]> = {
  caution,
  potGone,
  doesNotCover,
  oneCoatGround,
  tooThin,
  skippedDrying,
  metallicDulled,
  filterOverPoints,
  washOverFinished,
  shadeKillsHue,
  starkJump,
  chalkyDryBrush,
  washedOut,
  darkUpward,
  identity,
  unseenStep,
  unmeasurable,
  coatsWasted,
};

/**
 * What there is to say about a recipe: each remark with the figure behind it and, where there is
 * one, a mend.
 *
 * @param build of the same recipe
 * @throws UnknownPotError, CarryError
 */
export function adviseRecipe(recipe: Recipe, build: BuildUp, shelf: Shelf): Remark[] {
  const context = adviceContext(recipe, build, shelf);
  return Object.values(rules).flatMap((rule) => rule(context));
}
