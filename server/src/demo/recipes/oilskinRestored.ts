import { writtenRecipe } from '@yellow-ledger/core';

export const oilskinRestored = writtenRecipe({
  id: 'oilskin-restored',
  name: 'Oilskin yellow, shaded and restored',
  surface: 'cloth',
  groundPotId: 'drizzle',
  finishLevel: 'display',
  areaCm2: 9,
  models: 20,
  lines: [
    ['base brushCoat', '2 oilskin + 1 marigold : 0.5 water', { coats: 3 }],
    [
      'shade allOverWash',
      '1 rustseep : 1 medium',
      { dryMinutes: 40, note: 'Draw it out of the flats before it sets.' },
    ],
    ['shade recessWash', '1 peatwater : 1 water', { dryMinutes: 30 }],
    [
      'layer layer',
      '1 @1 : 0.5 water',
      { coats: 2, placement: { from: 0.42 }, note: 'Everything but the folds back to the base.' },
    ],
    ['highlight layer', '1 @1 + 2 reedpollen : 0.5 water', { coats: 2, placement: { from: 0.62 } }],
    ['highlight layer', '1 @5 + 1 gosling : 0.5 water', { coats: 2, placement: { from: 0.78 } }],
    ['highlight edgeLine', '1 gosling : 0.5 water', { coats: 2, level: 'table' }],
    [
      'glaze placedGlaze',
      '1 peatwater + 2 rustseep : 1 medium',
      {
        level: 'display',
        placement: { from: 0, to: 0.4 },
        note: 'Hem and elbows, where the rain runs off.',
      },
    ],
  ],
  notes: 'The quick one for the rank and file: base, shade, restore, highlight.',
});
