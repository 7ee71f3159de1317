import { writtenRecipe } from '@yellow-ledger/core';

export const reedBlade = writtenRecipe({
  id: 'reed-blade',
  name: 'Reed cutter’s blade, in four sections',
  surface: 'blade',
  sections: { count: 4, way: 'alternating' },
  groundPotId: 'lampsoot',
  finishLevel: 'display',
  areaCm2: 3,
  lines: [
    ['base brushCoat', '1 duskwater + 1 coot : 0.5 water', { coats: 2 }],
    [
      'layer layer',
      '1 duskwater : 1 water',
      { coats: 2, placement: { from: 0.22, softness: 0.14 } },
    ],
    [
      'layer layer',
      '1 duskwater + 1 kingfisherwing : 1 water',
      { coats: 2, placement: { from: 0.42, softness: 0.14 } },
    ],
    [
      'highlight layer',
      '1 kingfisherwing + 1 frostpool : 1.5 water',
      { coats: 2, placement: { from: 0.62, softness: 0.12 } },
    ],
    [
      'highlight layer',
      '1 frostpool + 1 gullwhite : 1.5 water',
      { coats: 2, placement: { from: 0.8, softness: 0.1 } },
    ],
    ['highlight edgeLine', '1 gullwhite : 1 water', { level: 'table' }],
    ['detail lining', '1 coot : 0.5 water', { note: 'Where the blade meets the grip.' }],
  ],
  notes: '',
});
