import { writtenRecipe } from '@yellow-ledger/core';

export const oilskinFromShadow = writtenRecipe({
  id: 'oilskin-shadow',
  name: 'Oilskin yellow, from the shadow up',
  surface: 'cloth',
  groundPotId: 'lampsoot',
  finishLevel: 'display',
  areaCm2: 9,
  lines: [
    ['base brushCoat', '1 fenumber : 0.5 water', { coats: 2, note: 'The whole coat, edges too.' }],
    [
      'base layer',
      '1 ditchochre + 1 fenumber : 0.5 water',
      { coats: 2, placement: { from: 0.22 } },
    ],
    ['layer layer', '1 @2 + 2 ditchochre : 0.5 water', { coats: 2, placement: { from: 0.34 } }],
    [
      'layer layer',
      '3 marigold + 1 ditchochre : 0.5 water',
      { coats: 3, placement: { from: 0.46 } },
    ],
    [
      'highlight layer',
      '1 @4 + 4 oilskin : 0.5 water',
      { coats: 3, placement: { from: 0.6 }, note: 'Thin and patient: it streaks at coat one.' },
    ],
    ['highlight layer', '2 @5 + 1 gosling : 1 water', { coats: 3, placement: { from: 0.76 } }],
    ['highlight edgeLine', '1 @6 + 2 gosling : 0.5 water', { coats: 2, level: 'table' }],
    [
      'detail point',
      '1 gosling + 1 gullwhite',
      { coats: 2, level: 'display', note: 'Collar, cuffs and the hood’s peak only.' },
    ],
  ],
  notes: 'For the long storm coats. Each line starts higher than the one before.',
});
