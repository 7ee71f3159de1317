import { writtenRecipe } from '@yellow-ledger/core';

export const lanternGlass = writtenRecipe({
  id: 'lantern-glass',
  name: 'Lantern glass, one coat over pale',
  surface: 'glass',
  groundPotId: 'chalkbank',
  finishLevel: 'display',
  areaCm2: 1.2,
  lines: [
    [
      'base oneCoat',
      '1 amber',
      { dryMinutes: 40, note: 'Lead it down from the top; do not go back in.' },
    ],
    ['shade recessWash', '1 ember : 1 medium', { placement: { from: 0, to: 0.3, softness: 0.2 } }],
    [
      'glaze placedGlaze',
      '1 ember + 1 amber : 2 medium',
      { coats: 2, placement: { from: 0, to: 0.5, softness: 0.3 }, level: 'table' },
    ],
    [
      'highlight placedGlaze',
      '2 reedpollen + 1 amber : 1 medium',
      {
        coats: 2,
        placement: { from: 0.6, to: 1, softness: 0.25, pull: 'up' },
        level: 'table',
        note: 'Where the flame would be.',
      },
    ],
    ['detail point', '1 gosling + 1 gullwhite', { coats: 2, note: 'One glint a pane.' }],
    ['finish brushCoat', '1 glasswet', { dryMinutes: 120 }],
  ],
  notes: 'Transparent paint does the shading; the pale ground does the light.',
});
