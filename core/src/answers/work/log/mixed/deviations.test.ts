import { brushedOfAmounts } from '../../../palette/makeAgain';
import { deviationsOf } from './asMixed';
import type { Brushed } from '../entry';

const written: Brushed = {
  pots: [
    { potId: 'a', share: 2 / 3 },
    { potId: 'b', share: 1 / 3 },
  ],
  waterParts: 0.5,
  mediumParts: 0,
};
const puddle = (a: number, b: number, water: number) =>
  brushedOfAmounts({
    pots: [
      { potId: 'a', ml: a },
      { potId: 'b', ml: b },
    ],
    waterMl: water,
    mediumMl: 0,
  });

test.each([
  ['as written', puddle(6, 3, 4.5), []],
  ['in whole drops that nearly meet it', puddle(0.7, 0.35, 0.5), []],
  ['with a drop more of one', puddle(6, 4, 5), ['improvised mix']],
  ['with more water', puddle(6, 3, 9), ['more thinner']],
  ['neat, and of one pot', puddle(6, 0, 0), ['improvised mix', 'less thinner']],
] as const)('a mix %s', (_how, brushed, differs) => {
  expect(deviationsOf(brushed, written)).toEqual(differs);
});

test('a pot of which nothing is in it is not on the brush', () => {
  expect(puddle(6, 0, 3).pots).toEqual([{ potId: 'a', share: 1 }]);
});
