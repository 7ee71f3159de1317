import { writtenRecipe } from '@yellow-ledger/core';

const along = (from: number, to = 1) => ({ along: { from, to, softness: 0.2 } });

export const mudskipTail = writtenRecipe({
  id: 'mudskip-tail',
  name: 'Mudskip’s tail, from root to tip',
  surface: 'skin',
  form: 'tail',
  groundPotId: 'bogoak',
  finishLevel: 'table',
  areaCm2: 6,
  lines: [
    ['base brushCoat', '2 aldershade + 1 sedge : 0.5 water', { coats: 2 }],
    ['layer layer', '1 sedge + 1 aldershade : 1 water', { coats: 2, placement: { from: 0.35 } }],
    [
      'layer layer',
      '1 tallow + 1 sedge : 1 water',
      {
        coats: 2,
        placement: { from: 0, softness: 0.15, aim: { facing: { side: 'down', within: 65 } } },
        note: 'A pale belly.',
      },
    ],
    [
      'glaze placedGlaze',
      '1 duckweed : 4 medium',
      {
        coats: 4,
        placement: {
          from: 0,
          to: 1,
          pull: 'even',
          aim: along(0.3),
          last: { from: 0, to: 1, along: { from: 0.8, to: 1 } },
        },
        note: 'Each pass begins a little nearer to the tip.',
      },
    ],
    [
      'highlight layer',
      '1 duckweed + 1 gosling : 2 water',
      { coats: 2, placement: { from: 0.45, softness: 0.15, aim: along(0.72) } },
    ],
    [
      'highlight dryBrush',
      '1 reedstraw',
      { density: 0.5, tool: { brush: 'mop', size: 'medium', isOld: true, stroke: 'across' } },
    ],
  ],
  notes: 'Varnish the belly only: it has just been in the water.',
});
