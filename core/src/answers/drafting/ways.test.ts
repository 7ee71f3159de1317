import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { finishedSurface } from '../../predicted/buildUp/buildUp';
import { recipeSchema } from '../../written/recipe/recipe';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { aimProblem } from '../../written/recipe/aimProblem';
import { adviseRecipe } from '../advice/adviseRecipe';
import { formNames } from '../../written/place/forms';
import { pots } from '../../testing/sampleRecipe';
import { buildProgression } from './buildProgression';
import { draftRecipe } from './draftRecipe';
import type { ProgressionOptions } from './progressionOptions';
import { schoolNames } from './schools';

const shelf = shelfOf(Object.values(pots));
const asked: ProgressionOptions = {
  school: 'chain',
  mid: { from: 'pot', potId: 'red' },
  darks: 2,
  lights: 3,
  shadeWith: 'warmBrown',
  lightenWith: 'bone',
  thinWith: 'water',
  finishLevel: 'display',
  groundPotId: 'black',
};
const potsOf = (line: { mix: { parts: readonly object[] } }) =>
  line.mix.parts.flatMap((part) => ('potId' in part ? [part.potId] : []));

test('a chain goes through its pots from dark to pale, with a half-mix between, each on less', () => {
  const links = ['violet', 'red', 'yellow', 'bone'];
  const { steps } = buildProgression({ ...asked, chain: links }, shelf);
  const covering = steps.filter(({ id }) => !id.endsWith('-under'));
  expect(covering.map(potsOf)).toEqual([
    ['violet'],
    ['violet', 'red'],
    ['red'],
    ['red', 'yellow'],
    ['yellow'],
    ['yellow', 'bone'],
    ['bone'],
  ]);
  covering
    .slice(1)
    .forEach(({ placement }, i) =>
      expect(placement.from).toBeGreaterThanOrEqual(covering[i].placement.from),
    );
  const build = predictBuildUp(draftRecipe(steps, 'black'), shelf);
  const values = finishedSurface(build).map(({ value }) => value);
  values.slice(1).forEach((value, i) => expect(value).toBeGreaterThan(values[i] - 3));
});

test('without pots of its own a chain goes from dark to mid to light', () => {
  const { steps } = buildProgression({ ...asked, darkPotId: 'violet', lightPotId: 'white' }, shelf);
  const drawn = new Set(steps.flatMap(potsOf));
  for (const potId of ['violet', 'red', 'white']) expect(drawn.has(potId)).toBe(true);
});

test('dark and light chosen by hand are what every way draws from', () => {
  expect.hasAssertions();
  for (const school of schoolNames) {
    const { steps } = buildProgression(
      { ...asked, school, darkPotId: 'violet', lightPotId: 'white' },
      shelf,
    );
    const drawn = new Set(steps.flatMap(potsOf));
    expect([school, drawn.has('brown') && !steps.some(({ id }) => id.endsWith('-under'))]).toEqual([
      school,
      false,
    ]);
  }
});

test('edge and glaze: each edge is brighter and finer than the one before, and its glaze ends at it', () => {
  const { steps } = buildProgression({ ...asked, school: 'edgeAndGlaze' }, shelf);
  const edges = steps.filter(({ technique }) => technique === 'edgeLine');
  expect(edges).toHaveLength(3);
  const { steps: built } = predictBuildUp(draftRecipe(steps, 'black'), shelf);
  const valueOf = (id: string) => built.find(({ stepId }) => stepId === id)?.mix.colour.value ?? 0;
  edges.slice(1).forEach((edge, i) => {
    expect(edge.placement.from).toBeGreaterThan(edges[i].placement.from);
    expect(valueOf(edge.id)).toBeGreaterThan(valueOf(edges[i].id));
  });
  for (const edge of edges) {
    const glaze = steps[steps.indexOf(edge) + 1];
    expect(glaze.mix.parts).toEqual([{ from: 'step', stepId: edge.id, parts: 1 }]);
    expect(glaze.placement.to).toBe(edge.placement.from);
  }
});

test('drawn out: the end of every tone is softer than it would be without the damp brush', () => {
  const { steps } = buildProgression({ ...asked, school: 'drawnOut', darks: 0, lights: 1 }, shelf);
  expect(steps.map(({ technique }) => technique).slice(-2)).toEqual(['layer', 'dampBrush']);
  const largest = (lines: typeof steps) => {
    const stops = Array.from({ length: 101 }, (_, i) => i / 100);
    const surface = finishedSurface(predictBuildUp(draftRecipe(lines, 'black'), shelf, stops));
    return Math.max(...surface.slice(1).map(({ value }, i) => Math.abs(value - surface[i].value)));
  };
  expect(largest(steps)).toBeLessThan(0.85 * largest(steps.slice(0, -1)));
});

describe('a form with spots that ask for it', () => {
  test.each(schoolNames)('%s gives a face its cheeks, nose, lips and sockets', (school) => {
    const { steps, spots, groundPotId } = buildProgression(
      { ...asked, school, form: 'face' },
      shelf,
    );
    const recipe = draftRecipe(steps, groundPotId, { form: 'face', spots });
    expect(recipeSchema.safeParse(recipe).success).toBe(true);
    expect(spots.map(({ name }) => name)).toEqual(['Cheeks', 'Nose', 'Lips', 'Sockets']);
    const aimed = steps.filter(({ placement }) => placement.aim?.spot);
    expect(aimed).toHaveLength(4);
    for (const step of aimed) expect(aimProblem(step, { form: 'face', spots })).toBeNull();
  });

  test('no draft of any form is aimed at something the form has not', () => {
    expect.hasAssertions();
    for (const form of formNames) {
      const { steps, spots, groundPotId } = buildProgression(
        { ...asked, school: 'restore', form },
        shelf,
      );
      const recipe = draftRecipe(steps, groundPotId, { form, spots });
      const remarks = adviseRecipe(recipe, predictBuildUp(recipe, shelf), shelf);
      expect(remarks.filter(({ rule }) => rule === 'aimedNowhere')).toEqual([]);
    }
  });
});
