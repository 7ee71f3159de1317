import { colourDifference } from '../../light/colour/colourDifference';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { mixedColour, shelfOf } from '../../predicted/paint/mixedPaint';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { mixOf, potWith, recipeWith, stepWith } from '../sampleRecipe';
import type { ThinTruth } from './thinTruth';

/** A truth beside its prediction: what of it is outside its range, in words; nothing where it holds. */
export interface JudgedTruth {
  truth: ThinTruth;
  predicted: SurfaceColour;
  misses: string[];
}

/** Looked at in the middle of the tone axis, where a line that goes everywhere lies evenly. */
const middle = [0.5];

/** How the ledger predicts a truth about thin paint. */
export function judgeTruth(truth: ThinTruth): JudgedTruth {
  const { pot, on, technique, water = 0, medium = 0, coats, expected } = truth;
  const { isOverWhite, ...facts } = pot;
  const shelf = shelfOf([
    potWith({ id: 'pot', ...facts, ...(isOverWhite && { swatchShows: 'one coat over white' }) }),
    potWith({ id: 'on', swatch: on, hiding: 1, kind: 'primer' }),
  ]);
  const mix = mixOf({ pot: 1 }, { waterParts: water, mediumParts: medium });
  const step = stepWith({
    id: 'line',
    technique,
    mix,
    coats,
    placement: { from: 0, to: 1, softness: 0, pull: 'even' },
  });
  const build = predictBuildUp(recipeWith([step], { groundPotId: 'on' }), shelf, middle);
  const [predicted] = build.steps[0].surface;
  const [below] = build.ground;
  const figures = {
    change: colourDifference(predicted, below),
    value: predicted.value,
    chroma: predicted.chroma,
    hue: predicted.hue,
    toPot: colourDifference(predicted, mixedColour(mix, [], shelf).colour),
  };
  const names = Object.keys(figures) as (keyof typeof figures)[];
  const misses = names.flatMap((name) => {
    const range = expected[name];
    const figure = figures[name];
    if (!range || (figure >= range[0] && figure <= range[1])) return [];
    return [`${name} ${figure.toFixed(1)}, not ${range[0]} to ${range[1]}`];
  });
  return { truth, predicted, misses };
}
