import { writtenRecipe } from '@yellow-ledger/core';

const fromLantern = (within: number) => ({ facing: { side: 'left', within } }) as const;

export const bearerCloak = writtenRecipe({
  id: 'bearer-cloak',
  name: 'Bearer’s cloak, lit from the lantern’s side',
  surface: 'cloth',
  light: 'left',
  groundPotId: 'lampsoot',
  finishLevel: 'display',
  areaCm2: 10,
  lines: [
    ['base brushCoat', '2 duskwater + 1 coot : 0.5 water', { coats: 2 }],
    [
      'layer layer',
      '1 duskwater : 1 water',
      { coats: 2, placement: { from: 0.35, softness: 0.15 } },
    ],
    [
      'highlight layer',
      '2 duskwater + 1 heron : 1.5 water',
      { coats: 2, placement: { from: 0.6, softness: 0.12 } },
    ],
    [
      'glaze placedGlaze',
      '1 sluicerust + 1 marigold : 6 water',
      {
        coats: 4,
        placement: {
          from: 0.3,
          softness: 0.25,
          to: 1,
          pull: 'up',
          aim: fromLantern(85),
          last: { from: 0.6, to: 1, within: 50 },
        },
        note: 'Warm, and weaker with every fold further from the lantern.',
      },
    ],
    [
      'highlight layer',
      '1 marigold + 1 reedpollen : 2 water',
      { coats: 2, placement: { from: 0.72, softness: 0.12, aim: fromLantern(50) } },
    ],
    [
      'highlight edgeLine',
      '1 reedpollen + 1 gosling : 1 water',
      { level: 'display', placement: { aim: fromLantern(55) } },
    ],
    [
      'glaze placedGlaze',
      '1 sloe : 10 water',
      {
        coats: 2,
        level: 'table',
        placement: { from: 0, to: 0.6, aim: { facing: { side: 'right', within: 70 } } },
        note: 'The side away turns violet.',
      },
    ],
  ],
  notes: 'The lantern is carried in the left hand.',
});
