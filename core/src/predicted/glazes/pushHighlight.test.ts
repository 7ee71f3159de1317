import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { flattenMix } from '../../written/recipe/flattenMix';
import { mixedPaint } from '../paint/mixedPaint';
import { filtersAt, playForward } from './preCompensate';
import { pushedMix, pushHighlight } from './pushHighlight';
import { placeOf } from '../../written/place/toneAxis';

const base = stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 2 });
const light = stepWith({
  id: 'light',
  technique: 'layer',
  stage: 'highlight',
  mix: mixOf({ brown: 2, bone: 1 }),
  placement: { from: 0.7, to: 1, softness: 0.1, pull: 'up' },
});
const filter = stepWith({
  id: 'filter',
  technique: 'filter',
  stage: 'glaze',
  mix: mixOf({ wash: 1 }, { waterParts: 1 }),
});
const recipe = recipeWith([base, light, filter]);

test('the pushed mix, played forward through the filter, lands where it says', () => {
  const push = pushHighlight(recipe, 'filter', shelf);
  if (!push) throw new Error('there is a highlight below the filter');
  expect(push).toMatchObject({ stepId: 'light', place: 'crown' });
  expect(push.found.error).toBeLessThanOrEqual(push.found.errorUnpushed);
  const mix = pushedMix(light.mix, push.found);
  const paint = mixedPaint(flattenMix(mix, [base]), shelf);
  const filters = filtersAt(
    [{ step: filter, paint: mixedPaint(flattenMix(filter.mix, []), shelf) }],
    placeOf('crown'),
  );
  const lands = surfaceColour(playForward(masstoneOf(paint), filters));
  expect(colourDifference(lands, push.target)).toBeCloseTo(push.found.error, 1);
});

test('without a highlight below it, without the filter, or switched out there is nothing to push', () => {
  expect(pushHighlight(recipeWith([base, filter]), 'filter', shelf)).toBeNull();
  expect(pushHighlight(recipe, 'nowhere', shelf)).toBeNull();
  const out = recipeWith([base, light, { ...filter, isOut: true }]);
  expect(pushHighlight(out, 'filter', shelf)).toBeNull();
});

test('the highlight’s own parts and those that push it stay whole, the same pot once', () => {
  const push = { highlightParts: 2, added: [{ potId: 'bone', parts: 1 }] };
  expect(pushedMix(mixOf({ brown: 2, bone: 1 }, { waterParts: 1 }), push)).toEqual(
    mixOf({ brown: 4, bone: 5 }, { waterParts: 1 }),
  );
  const alone = { highlightParts: 0, added: [{ potId: 'white', parts: 3 }] };
  expect(pushedMix(mixOf({ brown: 2 }), alone)).toEqual(mixOf({ white: 1 }));
});
