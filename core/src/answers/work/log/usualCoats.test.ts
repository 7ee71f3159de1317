import { asUsuallyPainted, lineKey, usualHand } from '../army/ownFigures';
import { includedSteps } from '../../../written/recipe/includedSteps';

import { levy, WrittenLog } from '../../../testing/sampleLog';
import { recipeWith, stepWith } from '../../../testing/sampleRecipe';
import { openCoats } from './onFigure/openCoats';
import { onFigures, surfaceKey, untouched } from './onFigure/onFigure';
import { usualCoats } from './usualCoats';

const surface = levy.units[0].surfaces.find(({ id }) => id === 'cloak')!;
const base = stepWith({ id: 'base', coats: 2, coatsUpTo: 4 });
const recipe = recipeWith([base, stepWith({ id: 'shade' })], { id: 'cloak' });

test('the median of the coats a line got before its painter went on is the usual one', () => {
  const log = new WrittenLog();
  for (const model of [1, 2, 3]) {
    log.coat(model, 'cloak', 'base', 1, [model]);
    log.coat(model + 60, 'cloak', 'base', 2, [model]);
    if (model > 1) log.coat(model + 120, 'cloak', 'base', 3, [model], { wanted: 3 });
  }
  // It is not known yet whether that was enough.
  expect(usualCoats(log.entries).size).toBe(0);
  log.coat(300, 'cloak', 'shade', 1, [1, 2, 3]);
  const [[key, usual]] = [...usualCoats(log.entries)];
  expect(key.endsWith(' base')).toBe(true);
  expect(usual).toEqual({ coats: 3, surfaces: 3 });
});

test('time and plan go by the usual coats of a range, and by what is written of any other line', () => {
  const own = {
    ...usualHand,
    coats: { [lineKey('cloak', 'base')]: 2, [lineKey('cloak', 'shade')]: 5 },
  };
  const painted = asUsuallyPainted(includedSteps(recipe), recipe, own);
  expect(painted.map(({ coats }) => coats)).toEqual([2, 1]);
  expect(includedSteps(recipe).map(({ coats }) => coats)).toEqual([3, 1]);
});

test('of two or three coats the usual two are planned, as of any other range', () => {
  const twoOrThree = {
    ...recipe,
    steps: recipe.steps.map((step) =>
      step.id === 'base' ? { ...step, coats: 2, coatsUpTo: 3 } : step,
    ),
  };
  const own = { ...usualHand, coats: { [lineKey('cloak', 'base')]: 2 } };
  const [base] = asUsuallyPainted(includedSteps(twoOrThree), twoOrThree, own);
  expect(base.coats).toBe(2);
});

test('the least coats of a range are to come, and one more where it was asked for', () => {
  const openOf = (log: WrittenLog) =>
    openCoats(
      surface,
      recipe,
      onFigures(log.entries).get(surfaceKey(levy.units[0].id, 'cloak', 1)) ?? untouched(),
    ).open.flatMap(({ step, coat, coats, upTo }) =>
      step.id === 'base' ? [[coat, coats, upTo]] : [],
    );
  const log = new WrittenLog();
  expect(openOf(log)).toEqual([
    [1, 2, 4],
    [2, 2, 4],
  ]);
  log.coat(0, 'cloak', 'base', 1, [1]);
  log.coat(60, 'cloak', 'base', 2, [1]);
  expect(openOf(log)).toEqual([]);
  const asked = new WrittenLog();
  asked.coat(0, 'cloak', 'base', 1, [1]);
  asked.coat(60, 'cloak', 'base', 2, [1], { wanted: 3 });
  expect(openOf(asked)).toEqual([[3, 3, 4]]);
});
