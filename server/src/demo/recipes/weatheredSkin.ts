import { writtenRecipe } from '@yellow-ledger/core';

export const weatheredSkin = writtenRecipe({
  id: 'weathered-skin',
  name: 'Weathered skin, from the light down',
  surface: 'skin',
  groundPotId: 'drizzle',
  finishLevel: 'display',
  areaCm2: 2.5,
  lines: [
    [
      'base brushCoat',
      '2 fairbrow + 1 coldcheek : 0.5 water',
      { coats: 2, note: 'Start at the light.' },
    ],
    [
      'glaze placedGlaze',
      '1 coldcheek + 1 ferrymantan : 1 medium',
      { coats: 3, placement: { from: 0, to: 0.72, softness: 0.25 } },
    ],
    [
      'glaze placedGlaze',
      '1 @2 + 2 ferrymantan : 1 medium',
      { coats: 3, placement: { from: 0, to: 0.55, softness: 0.25 } },
    ],
    [
      'shade placedGlaze',
      '1 rawknuckle + 1 ferrymantan : 1 medium',
      { coats: 3, placement: { from: 0, to: 0.38, softness: 0.22 } },
    ],
    ['shade recessWash', '2 blushwater + 1 inkcap : 1 medium', { dryMinutes: 40 }],
    [
      'glaze placedGlaze',
      '1 rosehip : 16 medium',
      {
        level: 'table',
        placement: { from: 0.55, to: 0.85, softness: 0.2, pull: 'even' },
        note: 'Nose, knuckles and ears: they stand in the wind.',
      },
    ],
    [
      'highlight layer',
      '1 fairbrow : 1 water',
      { coats: 2, placement: { from: 0.8, softness: 0.1 } },
    ],
    ['detail point', '1 fairbrow + 1 gullwhite', { coats: 2, level: 'display' }],
  ],
  notes: 'Everything darker goes on as glazes pulled into the recesses.',
});
