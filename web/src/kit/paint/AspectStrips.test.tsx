/** @jest-environment ./scripts/unit/browserEnvironment.cjs */
import {
  aimKeyOf,
  predictBuildUp,
  shapeOf,
  shownBuildUp,
  shelfOf,
  type Recipe,
} from '@yellow-ledger/core';
import { mixOf, pots, recipeWith, stepWith } from '../../../../core/src/testing/sampleRecipe';
import { render, screen } from '@testing-library/react';
import { AspectStrips } from './AspectStrips';

const base = stepWith({ id: 'base', mix: mixOf({ red: 1 }), coats: 2 });
const line = stepWith({ id: 'glow', mix: mixOf({ yellow: 1 }), coats: 3 });
const glow = {
  ...line,
  placement: { ...line.placement, aim: { facing: { side: 'down' as const, within: 75 } } },
};
const shelf = shelfOf(Object.values(pots));

const stripsOf = (recipe: Recipe, part: { stepId?: string; only?: string } = {}) => {
  render(
    <AspectStrips
      build={shownBuildUp(predictBuildUp(recipe, shelf))}
      shape={shapeOf(recipe)}
      label="After"
      {...part}
    />,
  );
  return screen.queryAllByRole('img').map((strip) => strip.getAttribute('aria-label'));
};

test('a recipe that is aimed at nothing has none', () => {
  expect(stripsOf(recipeWith([base]))).toEqual([]);
});

test('an aspect is named with its share of the form, from the line on that makes it look otherwise', () => {
  expect(stripsOf(recipeWith([base, glow]), { stepId: 'base' })).toEqual([]);
  expect(stripsOf(recipeWith([base, glow]), { stepId: 'glow' })).toEqual([
    expect.stringMatching(/^After, underside, \d+ % of the form: dark yellow$/),
  ]);
});

test('only what is aimed at the same is shown where that is asked', () => {
  const recipe = recipeWith([base, glow]);
  expect(stripsOf(recipe, { only: aimKeyOf(base) })).toEqual([]);
  expect(stripsOf(recipe, { only: aimKeyOf(glow) })).toHaveLength(1);
});
