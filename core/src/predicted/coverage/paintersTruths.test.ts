import { surfaceColour } from '../../light/colour/surfaceColour';
import { coatsToCover } from '../paint/coatsToCover';
import { groundOf, mixedColour, mixedPaint } from '../paint/mixedPaint';
import { predictBuildUp } from '../buildUp/predictBuildUp';
import { mixOf, pots, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { filmOver } from '../../light/optics/filmOver';

const colourOf = (parts: Record<string, number>) => mixedColour(mixOf(parts), [], shelf).colour;
const coatsOver = (ground: keyof typeof pots, load: number) =>
  coatsToCover(mixedPaint([{ potId: 'yellow', share: 1 }], shelf), groundOf(pots[ground]), load)
    .coats;

test('yellow greyed with black turns olive: its hue moves towards green', () => {
  const greyed = colourOf({ yellow: 8, black: 1 });
  expect(greyed.hue).toBeGreaterThan(colourOf({ yellow: 1 }).hue + 6);
  expect(greyed.value).toBeLessThan(60);
});

test('yellow with violet turns brown', () => {
  const brown = colourOf({ yellow: 1, violet: 1 });
  expect(brown.hue).toBeGreaterThan(30);
  expect(brown.hue).toBeLessThan(75);
  expect(brown.chroma).toBeGreaterThan(10);
  expect(brown.value).toBeLessThan(50);
});

test('blue and yellow make green', () => {
  const green = colourOf({ blue: 1, yellow: 3 });
  expect(green.hue).toBeGreaterThan(110);
  expect(green.hue).toBeLessThan(180);
  expect(green.chroma).toBeGreaterThan(15);
});

test('opposite hues make a dark neutral', () => {
  const neutral = colourOf({ red: 1, green: 2 });
  expect(neutral.chroma).toBeLessThan(colourOf({ red: 1 }).chroma / 3);
  expect(neutral.value).toBeLessThan(35);
});

test('yellow over black needs many more coats than over warm brown or white', () => {
  const thinned = 1 / 2;
  const overBlack = coatsOver('black', thinned) ?? Infinity;
  const overBrown = coatsOver('brown', thinned) ?? Infinity;
  const overWhite = coatsOver('white', thinned) ?? Infinity;
  expect(overBlack).toBeGreaterThanOrEqual(overBrown + 3);
  expect(overBlack).toBeGreaterThanOrEqual(2 * overWhite);
});

test.each(['white', 'bone'] as const)(
  'lightening red with %s drops chroma; a filter of pure red brings it back and costs lightness',
  (light) => {
    const lightened = colourOf({ red: 1, [light]: 2 });
    expect(lightened.chroma).toBeLessThan(colourOf({ red: 1 }).chroma - 5);
    const recipe = recipeWith([
      stepWith({ id: 'light', mix: mixOf({ red: 1, [light]: 2 }), coats: 8 }),
      stepWith({
        id: 'filter',
        technique: 'filter',
        mix: mixOf({ red: 1 }, { mediumParts: 2 }),
      }),
    ]);
    const [before, after] = predictBuildUp(recipe, shelf).steps.map(({ surface }) => surface[12]);
    expect(after.chroma).toBeGreaterThan(before.chroma + 1);
    expect(after.value).toBeLessThan(before.value - 0.5);
  },
);

test('a filter over finished work dulls the brightest points most', () => {
  const recipe = recipeWith([
    stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 4 }),
    stepWith({ id: 'points', technique: 'point', mix: mixOf({ bone: 1 }), coats: 3 }),
    stepWith({ id: 'filter', technique: 'filter', mix: mixOf({ brown: 1 }, { waterParts: 3 }) }),
  ]);
  const steps = predictBuildUp(recipe, shelf).steps;
  const lost = steps[1].surface.map((place, i) => place.value - steps[2].surface[i].value);
  expect(lost[23]).toBeGreaterThan(1);
  expect(lost[23]).toBeGreaterThan(4 * Math.abs(lost[10]));
});

test('a wash darkens the pit far more than the crown', () => {
  const recipe = recipeWith([
    stepWith({ id: 'base', mix: mixOf({ bone: 1 }), coats: 6 }),
    stepWith({ id: 'wash', technique: 'allOverWash', mix: mixOf({ wash: 1 }) }),
  ]);
  const [before, after] = predictBuildUp(recipe, shelf).steps.map(({ surface }) => surface);
  const pitLost = before[0].value - after[0].value;
  const crownLost = before[17].value - after[17].value;
  expect(pitLost).toBeGreaterThan(20);
  expect(crownLost).toBeLessThan(pitLost / 3);
});

test('water lets a wash pool more than medium does', () => {
  const spread = (thinner: object) => {
    const recipe = recipeWith(
      [stepWith({ id: 'w', technique: 'allOverWash', mix: mixOf({ wash: 1 }, thinner) })],
      { groundPotId: 'white' },
    );
    const [{ surface }] = predictBuildUp(recipe, shelf).steps;
    return surface[13].value - surface[0].value;
  };
  expect(spread({ waterParts: 1 })).toBeGreaterThan(spread({ mediumParts: 1 }) + 3);
});

test('one coat of transparent yellow over white glows, over black it dies', () => {
  const yellow = mixedPaint([{ potId: 'yellow', share: 1 }], shelf);
  const overWhite = surfaceColour(filmOver(groundOf(pots.white), yellow, 1));
  const overBlack = surfaceColour(filmOver(groundOf(pots.black), yellow, 1));
  expect(overWhite.chroma).toBeGreaterThan(overBlack.chroma + 40);
  expect(overBlack.hue).toBeGreaterThan(overWhite.hue);
});
