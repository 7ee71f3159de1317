import { mixOf, recipeWith, shelf, stepWith } from '../../../testing/sampleRecipe';
import { surfaceOf } from '../../../testing/sampleLevy';
import { versionGap, repaintOver } from './versionGap';
import { handsOnMinutes } from './minutes/handsOn';

const all = { from: 0, to: 1, softness: 0, pull: 'even' as const };
const base = stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 2, placement: all });
const light = stepWith({
  id: 'light',
  stage: 'highlight',
  technique: 'layer',
  mix: mixOf({ bone: 1 }),
});
const first = recipeWith([base, light]);
const on = { surface: surfaceOf(), areaCm2: 10, models: 4 };

describe('drift', () => {
  test('the same painted again is no drift and costs nothing, whatever it is called', () => {
    const renamed = { ...first, steps: [{ ...base, note: 'as ever', dryMinutes: 5 }, light] };
    const drift = versionGap(first, renamed, shelf, on);
    expect(drift.worst.difference).toBeCloseTo(0, 9);
    expect(drift.cost).toMatchObject({ stepIds: [], coats: 0, minutes: 0, ml: 0 });
  });

  test('another highlight is repainted from that line on', () => {
    const newer = recipeWith([base, { ...light, mix: mixOf({ white: 1 }) }]);
    const drift = versionGap(first, newer, shelf, on);
    expect(drift.cost.stepIds).toEqual(['light']);
    expect(drift.cost.minutes).toBeCloseTo(4 * handsOnMinutes(light, 10, { form: 'folds' }), 9);
    expect(drift.worst.difference).toBeGreaterThan(1);
    expect(['raised', 'crown', 'edge', 'point']).toContain(drift.worst.place);
    expect(drift.reads).toBeLessThan(drift.worst.difference);
  });

  test('a line that was left out, or another ground, means all of it again', () => {
    expect(versionGap(first, recipeWith([base]), shelf, on).cost.stepIds).toEqual(['base']);
    const white = recipeWith([base, light], { groundPotId: 'white' });
    expect(versionGap(first, white, shelf, on).cost.stepIds).toEqual(['base', 'light']);
  });
});

describe('repainting a finished surface', () => {
  const yellow = recipeWith([stepWith({ id: 'y', mix: mixOf({ yellow: 1 }), placement: all })], {
    groundPotId: 'white',
  });
  const black = recipeWith([stepWith({ id: 'k', mix: mixOf({ black: 1 }), placement: all })]);

  test('yellow over a dark surface takes many coats, black over anything takes few', () => {
    const toYellow = repaintOver(black, yellow, shelf, on);
    const toBlack = repaintOver(yellow, black, shelf, on);
    expect(toYellow.coatsToCover ?? 99).toBeGreaterThan(toBlack.coatsToCover ?? 99);
    expect(toBlack.coatsToCover).toBeLessThanOrEqual(2);
  });

  test('the coats it takes to cover are in the time and the paint', () => {
    const repaint = repaintOver(first, black, shelf, on);
    expect(repaint.cost.coats).toBe(Math.max(1, repaint.coatsToCover ?? 0));
    expect(repaint.coveringStepId).toBe('k');
  });

  test('painted as written it shows through where it does not cover', () => {
    expect(repaintOver(black, yellow, shelf, on).showsThrough).toBeGreaterThan(4);
    expect(repaintOver(first, first, shelf, on).showsThrough).toBeLessThan(4);
  });

  test('with nothing that covers it is said that nothing does', () => {
    const wash = recipeWith([
      stepWith({ id: 'w', technique: 'allOverWash', mix: mixOf({ wash: 1 }) }),
    ]);
    expect(repaintOver(first, wash, shelf, on)).toMatchObject({
      coatsToCover: null,
      coveringStepId: null,
    });
  });
});
