import type { GlazeCard } from '../../written/pot/glazeCard';
import { withGlazeCard } from '../../written/pot/withGlazeCard';
import { potSchema } from '../../written/pot/pot';
import { mixOf, pots, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { BuildUpPredictor } from '../buildUp/buildUpPredictor';
import { predictBuildUp } from '../buildUp/predictBuildUp';
import { glazeFilm } from './laidPaint';
import { shelfOf } from './mixedPaint';
import { hidingOf, opticsOf } from './opticsOfPot';

const card: GlazeCard = {
  thick: '#7a1c1c',
  overWhite: '#c45a4e',
  hiding: 0.31,
  film: 1.5,
  filmError: 0.05,
  colourError: 1,
};
const carded = { ...withGlazeCard(pots.red, card), id: 'red' };
const shelf = shelfOf([carded, pots.blue, pots.white, pots.black, pots.medium]);
const share = (potId: string) => [{ potId, share: 1 }];

test('a card counts until the swatch or the hiding of its pot is set by hand', () => {
  expect(potSchema.parse(carded)).toEqual(carded);
  expect(hidingOf(opticsOf(carded), 1)).not.toBeCloseTo(hidingOf(opticsOf(pots.red), 1), 1);
  const { glazeCard: _none, ...byHand } = { ...carded, hiding: 0.7 };
  expect(opticsOf({ ...carded, hiding: 0.7 })).toEqual(opticsOf(byHand));
  expect(glazeFilm(share('red'), shelfOf([{ ...carded, swatch: '#800000' }]))).toBe(1);
});

test('a wash that never said what its swatch shows shows one coat over white after its card', () => {
  expect(withGlazeCard(pots.wash, card)).toMatchObject({
    swatch: card.overWhite,
    swatchShows: 'one coat over white',
    hidingIsGuess: false,
  });
});

test('the hand counts for pots without a card too, and for glazes alone', () => {
  expect(glazeFilm(share('red'), shelf)).toBe(1.5);
  expect(glazeFilm(share('blue'), shelf)).toBe(1.5);
  expect(glazeFilm(share('blue'), shelfOf(Object.values(pots)))).toBe(1);
  const lines = (technique: 'placedGlaze' | 'layer') =>
    recipeWith([
      stepWith({ id: 'base', mix: mixOf({ white: 1 }), coats: 3 }),
      stepWith({ id: 'over', technique, mix: mixOf({ blue: 1 }, { waterParts: 6 }) }),
    ]);
  const valueWith = (technique: 'placedGlaze' | 'layer', on: typeof shelf) =>
    predictBuildUp(lines(technique), on).steps[1].surface[12].value;
  const without = shelfOf([pots.red, pots.blue, pots.white, pots.black]);
  expect(valueWith('placedGlaze', shelf)).toBeLessThan(valueWith('placedGlaze', without) - 0.02);
  expect(valueWith('layer', shelf)).toBeCloseTo(valueWith('layer', without), 9);
});

test('a prediction under edit forgets when a card is read', () => {
  const recipe = recipeWith([
    stepWith({ id: 'base', mix: mixOf({ white: 1 }), coats: 3 }),
    stepWith({ id: 'glaze', technique: 'placedGlaze', mix: mixOf({ blue: 1 }, { waterParts: 6 }) }),
  ]);
  const predictor = new BuildUpPredictor();
  const before = shelfOf([pots.red, pots.blue, pots.white, pots.black]);
  predictor.predict(recipe, before);
  expect(predictor.predict(recipe, shelf).steps[1].surface[12].hex).toBe(
    predictBuildUp(recipe, shelf).steps[1].surface[12].hex,
  );
});
