import { writtenRecipe } from '@yellow-ledger/core';

export const copperHelm = writtenRecipe({
  id: 'copper-helm',
  name: 'Copper diving helm',
  surface: 'metal',
  groundPotId: 'lampsoot',
  finishLevel: 'display',
  areaCm2: 3,
  lines: [
    ['base brushCoat', '1 helmcopper : 0.25 water', { coats: 2 }],
    ['shade allOverWash', '1 peatwater', { dryMinutes: 45, note: 'Let it stand in the rivets.' }],
    [
      'glaze recessWash',
      '2 frostpool + 1 duckweed : 6 water',
      {
        level: 'table',
        placement: { from: 0.02, to: 0.2, softness: 0.1 },
        note: 'Green bloom under the rim.',
      },
    ],
    [
      'layer layer',
      '1 helmcopper : 0.5 water',
      { coats: 2, placement: { from: 0.44 }, note: 'The dome back to clean metal.' },
    ],
    [
      'highlight layer',
      '1 helmcopper + 1 polishedhelm : 0.5 water',
      { coats: 2, placement: { from: 0.66 } },
    ],
    [
      'highlight layer',
      '1 polishedhelm : 0.5 water',
      { coats: 2, level: 'table', placement: { from: 0.82, softness: 0.06 } },
    ],
    ['detail edgeLine', '2 polishedhelm + 1 bucklesteel', { coats: 2, level: 'display' }],
    [
      'finish brushCoat',
      '1 glasswet',
      { dryMinutes: 120, note: 'Metal only; the cloth stays matt.' },
    ],
  ],
  notes: 'Metallics turn with the light: every figure here is an estimate.',
});
