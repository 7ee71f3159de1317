import { forms, type FormName } from '../../written/place/forms';
import type { Recipe } from '../../written/recipe/recipe';
import { includedSteps } from '../../written/recipe/includedSteps';
import { techniqueOf } from '../../written/technique/techniques';
import { toneAtShare } from '../../written/place/formField';

/** A layer of a gradient: which share of the surface it covers, counted from the light end. */
export interface GradientBand {
  stepId: string;
  /** 0–1 */
  covers: number;
  /** where it starts on the tone axis to cover that much of this form */
  from: number;
}

/**
 * Bands that add up to a gradient: the layers of a recipe, each on less of the surface than the
 * one before, the shares falling evenly: four layers cover 80, 60, 40 and 20 %. On a gem each
 * crescent is half of the one before: 50, 25, 12.5 %.
 *
 * @returns none where fewer than two layers are painted
 */
export function gradientBands(recipe: Recipe, form: FormName): GradientBand[] {
  const layers = includedSteps(recipe).filter(
    ({ technique, placement }) => techniqueOf(technique).isBand && placement.from > 0,
  );
  const { areaBelow, halves } = forms[form];
  if (layers.length < 2) return [];
  return layers.map(({ id }, index) => {
    const covers = halves ? 0.5 ** (index + 1) : (layers.length - index) / (layers.length + 1);
    const from = toneAtShare(1 - covers, areaBelow);
    return { stepId: id, covers, from: Math.round(from * 1000) / 1000 };
  });
}
