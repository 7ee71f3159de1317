import { mixOf, pots, potWith, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { dropMlOf, isAtHand, ownerOf, stockOf, usualDropMl } from '../../written/pot/stock';
import { paintableWith } from './paintableWith';
import { shoppingList } from './shoppingList';

const oilskin = recipeWith([stepWith({ id: 'a', mix: mixOf({ yellow: 1 }) })]);
const brick = recipeWith(
  [
    stepWith({ id: 'a', mix: mixOf({ red: 1 }) }),
    stepWith({ id: 'b', level: 'display', mix: mixOf({ violet: 1 }) }),
  ],
  { id: 'brick', name: 'Brick' },
);
const almostRed = potWith({ id: 'almostRed', swatch: '#a52424', hiding: 0.6 });
const { yellow, red, black, brown, violet, wash } = pots;

test('a pot is low from its own mark, or from the usual one', () => {
  const at = (volumeMl: number | null, lowMl?: number) => stockOf({ ...red, volumeMl, lowMl });
  expect([at(null), at(0), at(3), at(9)]).toEqual(['not known', 'empty', 'low', 'enough']);
  expect([at(9, 10), at(3, 1), at(0, 1)]).toEqual(['low', 'enough', 'empty']);
  expect(stockOf({ ...red, retired: true, volumeMl: 9 })).toBe('retired');
});

test('a pot nobody has said more of stands on one’s own shelf and gives usual drops', () => {
  expect(ownerOf(red)).toBe('mine');
  expect(ownerOf({ ...red, owner: 'Wren' })).toBe('Wren');
  expect(dropMlOf(red)).toBe(usualDropMl);
  expect(dropMlOf({ ...red, dropsPerMl: 40 })).toBeCloseTo(0.025, 9);
  expect([red, { ...red, volumeMl: 0 }, { ...red, retired: true }].map(isAtHand)).toEqual([
    true,
    false,
    false,
  ]);
});

test('the shopping list has what recipes lack first, then what is low, then wishes', () => {
  const shelf = [
    { ...yellow, volumeMl: 2 },
    { ...red, volumeMl: 0 },
    { ...violet, volumeMl: 17 },
    { ...wash, isWanted: true },
    { ...brown, volumeMl: 0 },
    black,
    almostRed,
  ];
  const list = shoppingList(shelf, [oilskin, brick]);
  expect(list.map(({ potId, state }) => [potId, state])).toEqual([
    ['red', 'empty'],
    ['yellow', 'low'],
    ['wash', 'not known'],
  ]);
  expect(list[0].recipes).toEqual([{ id: 'brick', name: 'Brick' }]);
  expect(list[0].alternatives[0].parts).toEqual([{ potId: 'almostRed', parts: 1 }]);
  // Nothing else is a yellow, and another colour is no alternative.
  expect(list[1].alternatives).toEqual([]);
  expect(
    list[0].alternatives.flatMap(({ parts }) => parts.map(({ potId }) => potId)),
  ).not.toContain('brown');
});

test('an archived recipe asks for nothing', () => {
  const archived = { ...brick, archived: true };
  expect(shoppingList([{ ...red, volumeMl: 0 }], [archived])).toEqual([]);
  expect(paintableWith([archived], [red, black], ['mine'])).toEqual([]);
});

describe('what can be painted', () => {
  test('with everything here nothing is missing; a line above the finish level is not needed', () => {
    expect(paintableWith([brick], [red, black], ['mine'])).toEqual([
      { recipeId: 'brick', name: 'Brick', missing: [], furthest: 0 },
    ]);
  });

  test('a friend’s pot counts only when the friend’s shelf is here', () => {
    const theirs = [{ ...red, owner: 'Wren' }, black];
    expect(paintableWith([brick], theirs, ['mine', 'Wren'])[0].furthest).toBe(0);
    const [alone] = paintableWith([brick], theirs, ['mine']);
    expect(alone.missing).toEqual([{ potId: 'red', standIn: null }]);
    expect(alone.furthest).toBeNull();
  });

  test('what stands in is named, and recipes come in the order of how well they go', () => {
    const list = paintableWith(
      [oilskin, brick],
      [{ ...red, volumeMl: 0 }, almostRed, black],
      ['mine'],
    );
    expect(list.map(({ name }) => name)).toEqual(['Brick', 'Oilskin']);
    expect(list[0].missing[0].standIn?.parts).toEqual([{ potId: 'almostRed', parts: 1 }]);
    expect(list[0].furthest).toBeLessThan(3);
  });
});
