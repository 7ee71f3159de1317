import { writtenRecipe } from '@yellow-ledger/core';

export const ferrymanFace = writtenRecipe({
  id: 'ferryman-face',
  name: 'Ferryman’s face, cheeks, lips and stubble',
  surface: 'skin',
  form: 'face',
  groundPotId: 'drizzle',
  finishLevel: 'display',
  areaCm2: 1.2,
  spots: [
    { id: 'cheeks', name: 'Cheeks', share: 0.07, softness: 0.8 },
    { id: 'lips', name: 'Lips', share: 0.02, softness: 0.15 },
    { id: 'stubble', name: 'Jaw and upper lip', share: 0.12, softness: 0.7 },
    { id: 'sockets', name: 'Sockets', share: 0.04, softness: 0.7 },
  ],
  lines: [
    ['base brushCoat', '1 ferrymantan : 1 water', { coats: 2, coatsUpTo: 3 }],
    ['shade allOverWash', '1 blushwater : 1 medium', { dryMinutes: 40 }],
    [
      'layer layer',
      '1 ferrymantan + 1 coldcheek : 1 water',
      { coats: 2, placement: { from: 0.4, softness: 0.12 } },
    ],
    [
      'highlight layer',
      '1 coldcheek + 1 fairbrow : 1.5 water',
      { coats: 2, placement: { from: 0.62, softness: 0.12 } },
    ],
    [
      'glaze placedGlaze',
      '1 rosehip : 12 water',
      {
        coats: 3,
        level: 'table',
        placement: { from: 0.15, to: 0.9, softness: 0.2, pull: 'even', aim: { spot: 'cheeks' } },
        tool: { brush: 'filbert', size: 'small', uses: 'side', feathers: true },
        note: 'The wind off the water.',
      },
    ],
    [
      'glaze placedGlaze',
      '1 rosehip + 1 rawknuckle : 5 water',
      {
        coats: 2,
        placement: { from: 0, to: 1, softness: 0.1, pull: 'even', aim: { spot: 'lips' } },
        tool: { brush: 'pointed', size: 'small', uses: 'tip' },
      },
    ],
    [
      'glaze placedGlaze',
      '1 wetslate + 1 sloe : 12 water',
      {
        coats: 3,
        level: 'table',
        placement: { from: 0, to: 1, softness: 0.2, pull: 'even', aim: { spot: 'stubble' } },
        tool: { stroke: 'stippled' },
        note: 'Stubble: grey-blue, hardly there.',
      },
    ],
    [
      'highlight layer',
      '1 fairbrow + 1 gullwhite : 1.5 water',
      { level: 'display', placement: { from: 0.86, softness: 0.08 } },
    ],
  ],
  notes: 'For the one who stands in the bow and is looked at first.',
});
