import { benchStep } from '../../bench/benchStep';
import { surfaceColour } from '../../../../light/colour/surfaceColour';
import { groundOf } from '../../../../predicted/paint/mixedPaint';
import { finishedSurface } from '../../../../predicted/buildUp/buildUp';
import { predictBuildUp } from '../../../../predicted/buildUp/predictBuildUp';
import { cloak, helm, levy, recipeOf, watch, WrittenLog } from '../../../../testing/sampleLog';
import { pots, shelf } from '../../../../testing/sampleRecipe';
import { layersDone } from './layersDone';
import { modelRecord } from '../modelRecord';
import { onFigures, surfaceKey, untouched } from './onFigure';

const key = surfaceKey('watch', 'cloak', 1);
const onOf = (log: WrittenLog) => onFigures(log.entries).get(key) ?? untouched();
/** The whole cloak but its last line, in cloak’s colours. */
const painted = () => {
  const log = new WrittenLog();
  log.coat(0, 'cloak', 'base', 1, [1]);
  log.coat(20, 'cloak', 'base', 2, [1]);
  log.coat(40, 'cloak', 'shade', 1, [1]);
  return log;
};

test('by the recipe it was painted by nothing lies below', () => {
  expect(layersDone(onOf(painted()), cloak, recipeOf)).toEqual([]);
  expect(layersDone(untouched(), cloak, recipeOf)).toEqual([]);
});

test('given another recipe, what was painted lies below it, as far as it was painted', () => {
  const [below, ...more] = layersDone(onOf(painted()), helm, recipeOf);
  expect(more).toEqual([]);
  expect(below.id).toBe('cloak');
  expect(below.steps.map(({ id, isOut }) => [id, isOut ?? false])).toEqual([
    ['base', false],
    ['shade', false],
    ['light', true],
  ]);
});

test('what it was found painted with lies below as well', () => {
  const log = new WrittenLog();
  log.line('found', 0, 'shade', [1]);
  const [below] = layersDone(onOf(log), helm, recipeOf);
  expect(below.steps.filter(({ isOut }) => !isOut).map(({ id }) => id)).toEqual(['base', 'shade']);
});

test('a recipe that is gone is taken from the log alone', () => {
  const [below] = layersDone(onOf(painted()), helm, () => undefined);
  expect(below.steps.map(({ id, coats }) => [id, coats])).toEqual([
    ['base', 2],
    ['shade', 1],
  ]);
});

test('the bench shows the old colour as it is now, and not the primer', () => {
  const [copper] = helm.steps;
  const layers = layersDone(onOf(painted()), helm, recipeOf);
  const log = new WrittenLog();
  log.coat(60, 'helm', 'copper', 1, [1]);
  const [coat] = log.entries.filter((entry) => entry.kind === 'coat');
  const step = benchStep(
    {
      unit: watch,
      surface: watch.surfaces[0],
      recipe: helm,
      stepId: copper.id,
      models: 1,
      coatsLeft: 1,
      on: untouched(),
      coat,
      onto: [{ surfaceId: 'cloak', name: 'Cloak', layers, own: layers.length }],
    },
    shelf,
  );
  const old = finishedSurface(predictBuildUp(layers[0], shelf));
  expect(step.now.map(({ hex }) => hex)).toEqual(old.map(({ hex }) => hex));
  expect(step.now[0].hex).not.toBe(surfaceColour(groundOf(pots.black)).hex);
  expect(step.after).not.toEqual(step.now);
});

test('the record of a model keeps what was painted over', () => {
  const log = painted();
  const bare = { ...watch, surfaces: [{ ...watch.surfaces[0], id: 'cloak' }] };
  const record = (recipeId: string) =>
    modelRecord(
      levy,
      { ...bare, surfaces: [{ ...bare.surfaces[0], recipe: { recipeId, version: null } }] },
      1,
      recipeOf,
      log.entries,
      shelf,
    )[0];
  expect(record('cloak').below).toEqual([]);
  // As long as no coat of the new one is on it, it is what it was painted as.
  expect(record('helm')).toMatchObject({ pin: { recipeId: 'cloak' }, below: [] });
});
