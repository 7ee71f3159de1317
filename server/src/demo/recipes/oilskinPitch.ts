import { writtenRecipe } from '@yellow-ledger/core';

/** The same coat tarred over: what the drummer got when he went to the night boats. */
export const oilskinPitch = writtenRecipe({
  id: 'oilskin-pitch',
  name: 'Oilskin tarred black',
  surface: 'cloth',
  groundPotId: 'lampsoot',
  finishLevel: 'table',
  areaCm2: 9,
  lines: [
    ['base brushCoat', '3 coot + 1 duskwater : 0.5 water', { coats: 2 }],
    ['layer layer', '2 @1 + 1 wetslate : 0.5 water', { coats: 2, placement: { from: 0.42 } }],
    ['highlight layer', '1 @2 + 1 wetslate : 0.5 water', { coats: 2, placement: { from: 0.64 } }],
    ['highlight edgeLine', '1 wetslate + 1 heron : 0.5 water', { coats: 1, level: 'table' }],
  ],
  notes: 'Black reads black while its lights stay small.',
});
