import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { mixOf, pots, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { opticsOf } from '../paint/opticsOfPot';
import { passesAt, passesToward } from './passes';
import { predictBuildUp } from './predictBuildUp';

const glaze = stepWith({
  id: 'glaze',
  stage: 'glaze',
  technique: 'filter',
  mix: mixOf({ red: 1 }, { mediumParts: 6 }),
  coats: 3,
});
const red = opticsOf(pots.red);
const bone = reflectanceFromHex('#ddd0a8');
const dark = reflectanceFromHex('#3a3028');

test('as many passes as are written are what is predicted', () => {
  const recipe = recipeWith([glaze], { groundPotId: 'white' });
  const build = predictBuildUp(recipe, shelf, [0.5]);
  const ground = reflectanceFromHex(build.ground[0].hex);
  const { after } = passesAt(glaze, red, ground, 0.5);
  expect(after[2].value).toBeCloseTo(build.steps[0].surface[0].value, 0);
});

test('a thin glaze goes on showing for many passes, a coat for few', () => {
  const coat = stepWith({ id: 'coat', mix: mixOf({ brown: 1 }) });
  const settled = passesAt(coat, opticsOf(pots.brown), bone, 0.5).settledAfter!;
  expect(settled).toBeLessThanOrEqual(3);
  const thin = passesAt(glaze, red, bone, 0.5).settledAfter;
  expect(thin === null || thin > settled).toBe(true);
});

test('a line that lays nothing on a place settles at once', () => {
  const nothing = {
    ...glaze,
    technique: 'layer' as const,
    placement: { ...glaze.placement, from: 0.9 },
  };
  expect(passesAt(nothing, red, bone, 0.1).settledAfter).toBe(0);
});

test('what three passes make is reached with passes and a thinning, and what cannot be is said', () => {
  const target = passesAt(glaze, red, bone, 0.5).after[2];
  const found = passesToward(target, glaze, red, bone, 0.5);
  expect(found).toMatchObject({ isReached: true });
  expect(found.error).toBeLessThan(1);
  const white = surfaceColour(reflectanceFromHex('#ffffff'));
  expect(passesToward(white, glaze, red, dark, 0.5)).toMatchObject({ isReached: false });
});

test('over a dark ground it never comes nearer than over what it was made for', () => {
  const target = passesAt(glaze, red, bone, 0.5).after[2];
  const overBone = passesToward(target, glaze, red, bone, 0.5);
  const overDark = passesToward(target, glaze, red, dark, 0.5);
  expect(overDark.error).toBeGreaterThan(overBone.error);
});
