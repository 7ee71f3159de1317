import { sideNames, type WrittenAim } from '../written/place/aim';
import { formNames, forms } from '../written/place/forms';
import type { Recipe } from '../written/recipe/recipe';
import type { Step } from '../written/recipe/step';
import { mixOf, recipeWith, stepWith } from './sampleRecipe';

const colours = ['red', 'yellow', 'blue', 'white', 'black', 'brown', 'bone'];

/**
 * A recipe with a base and two to six lines whose aims cross, as a painter might lay lights and
 * glows one over the other: by side, height, way along and spot, hiding or thin.
 *
 * @param chance 0–1, one figure a call
 */
export function crossingAims(chance: () => number): Recipe {
  const pick = <T>(list: readonly T[]) => list[Math.floor(chance() * list.length)];
  const between = (low: number, high: number) => low + (high - low) * chance();
  const form = pick(formNames);
  const stretch = () => {
    const from = pick([0, between(0, 0.6)]);
    return {
      from,
      to: from === 0 ? between(0.3, 0.7) : pick([1, between(from + 0.2, 1)]),
      softness: pick([0.05, 0.15, 0.3]),
    };
  };
  const aims: (() => WrittenAim)[] = [
    () => ({ facing: { side: pick(sideNames), within: between(40, 110) } }),
    () => ({ height: stretch() }),
    () => ({ spot: 'emblem' }),
    () => ({
      facing: { side: pick(sideNames), within: between(40, 110) },
      height: stretch(),
    }),
    ...(forms[form].along ? [() => ({ along: stretch() })] : []),
  ];
  const lines = Array.from({ length: 2 + Math.floor(chance() * 5) }, (_, i): Step => {
    const isGlaze = chance() < 0.3;
    const line = stepWith({
      id: `line${i}`,
      technique: isGlaze ? 'placedGlaze' : 'layer',
      mix: mixOf({ [pick(colours)]: 1 }, { waterParts: isGlaze ? 4 : 1 }),
      coats: 1 + Math.floor(chance() * 4),
    });
    const from = pick([0, 0, 0.32, 0.5]);
    return {
      ...line,
      placement: { from, to: 1, softness: 0.1, pull: 'even', aim: pick(aims)() },
    };
  });
  const base = stepWith({ id: 'base', mix: mixOf({ [pick(colours)]: 1 }), coats: 2 });
  return {
    ...recipeWith([{ ...base, placement: { ...base.placement, from: 0, to: 1 } }, ...lines]),
    form,
    spots: [{ id: 'emblem', name: 'Emblem', share: 0.08, at: [{ u: 0.5, v: 0.55 }] }],
  };
}
