import { writtenRecipe } from '@yellow-ledger/core';

export const reedCloak = writtenRecipe({
  id: 'reed-cloak',
  name: 'Reed cloak, three tones',
  surface: 'hair',
  groundPotId: 'bogoak',
  finishLevel: 'display',
  areaCm2: 6,
  lines: [
    ['base brushCoat', '1 reedstraw : 0.5 water', { coats: 3, note: 'Mid tone everywhere.' }],
    [
      'shade brushCoat',
      '2 rushbrown + 1 reedstraw : 1 water',
      { coats: 1, placement: { from: 0, to: 0.3, softness: 0.14, pull: 'down' } },
    ],
    [
      'shade lineWork',
      '1 peat + 1 rushbrown : 1 water',
      {
        placement: { from: 0, to: 0.2, softness: 0.1, pull: 'down' },
        note: 'Between the bundles, along the reeds.',
      },
    ],
    ['highlight lineWork', '2 @1 + 1 dryreed : 0.5 water', { coats: 2, placement: { from: 0.5 } }],
    ['highlight lineWork', '1 @1 + 1 dryreed : 0.5 water', { coats: 2, placement: { from: 0.66 } }],
    [
      'highlight lineWork',
      '1 dryreed : 0.5 water',
      { coats: 3, level: 'table', placement: { from: 0.8 }, note: 'Stop short of the line below.' },
    ],
    [
      'glaze filter',
      '1 sedge : 4 water : 1 medium',
      { level: 'display', note: 'Ties the three tones together.' },
    ],
    [
      'detail edgeLine',
      '1 dryreed + 1 gullwhite : 0.5 water',
      {
        level: 'display',
        coats: 2,
        restores: 'reed-cloak-7',
        note: 'Cut ends again, after the filter.',
      },
    ],
  ],
  notes: 'Dark, mid and light: 2 dark to 1 mid in the folds, then 2 to 1, 1 to 1 and pure light.',
});
