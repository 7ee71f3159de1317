import { writtenRecipe } from '@yellow-ledger/core';

const lowDown = (to: number) => ({ height: { from: 0, to, softness: 0.2 } }) as const;
const fromLantern = (within: number) => ({ facing: { side: 'left', within } }) as const;

const reedDust = writtenRecipe({
  id: 'reed-dust',
  name: 'Reed dust, from the ground up',
  surface: 'cloth',
  groundPotId: 'lampsoot',
  ground: { recipeId: 'oilskin-shadow', version: null },
  finishLevel: 'table',
  areaCm2: 30,
  lines: [
    [
      'glaze placedGlaze',
      '1 dryreed : 8 medium',
      { coats: 2, placement: { from: 0, to: 1, pull: 'even', aim: lowDown(0.4) } },
    ],
    [
      'detail stipple',
      '2 dryreed + 1 reedstraw : 0.5 water',
      {
        placement: { from: 0.3, to: 1, softness: 0.2, aim: lowDown(0.28) },
        tool: { brush: 'sponge' },
        note: 'Off the edge of a torn sponge, most of it dabbed off first.',
      },
    ],
    [
      'detail dryBrush',
      '1 dryreed + 1 tallow',
      { placement: { from: 0.7, to: 1, softness: 0.15, aim: lowDown(0.2) }, level: 'display' },
    ],
  ],
  notes: 'Over everything at once, after the model is put together: coat, reeds and harness alike.',
});

const lanternLight = writtenRecipe({
  id: 'lantern-light',
  name: 'Light of a lantern held to the left',
  surface: 'cloth',
  light: 'left',
  groundPotId: 'lampsoot',
  ground: { recipeId: 'oilskin-restored', version: null },
  finishLevel: 'display',
  areaCm2: 18,
  lines: [
    [
      'glaze placedGlaze',
      '1 ember : 5 medium',
      {
        coats: 3,
        placement: { from: 0.2, to: 1, softness: 0.3, pull: 'up', aim: fromLantern(80) },
      },
    ],
    [
      'glaze placedGlaze',
      '1 amber : 3 medium',
      {
        coats: 2,
        placement: { from: 0.5, to: 1, softness: 0.25, pull: 'up', aim: fromLantern(55) },
        note: 'Smaller than the first, and stronger.',
      },
    ],
    [
      'highlight layer',
      '2 reedpollen + 1 gosling : 2 water',
      { coats: 2, placement: { from: 0.85, softness: 0.1, aim: fromLantern(40) } },
    ],
  ],
  notes: 'Nothing on the far side: what faces away keeps its own colours.',
});

const boundarySign = writtenRecipe({
  id: 'boundary-sign',
  name: 'Boundary sign of the dike',
  surface: 'cloth',
  groundPotId: 'lampsoot',
  ground: { recipeId: 'oilskin-shadow', version: null },
  finishLevel: 'table',
  areaCm2: 4,
  spots: [{ id: 'sign', name: 'Sign', share: 0.14, at: [{ u: 0.5, v: 0.55 }] }],
  lines: [
    [
      'detail layer',
      '2 rosehip + 1 coot : 1 water',
      {
        coats: 3,
        placement: { from: 0, to: 1, softness: 0, pull: 'even', aim: { spot: 'sign' } },
        note: 'Two posts and a bar, drawn in thin first.',
      },
    ],
    [
      'detail layer',
      '3 rosehip + 1 sluicerust : 1.5 water',
      { coats: 2, placement: { from: 0.35, softness: 0.2, aim: { spot: 'sign' } } },
    ],
    [
      'detail layer',
      '2 rosehip + 1 ferrymantan : 1.5 water',
      { coats: 2, placement: { from: 0.65, softness: 0.15, aim: { spot: 'sign' } } },
    ],
    [
      'detail edgeLine',
      '1 rosehip + 1 fairbrow : 1 water',
      { placement: { aim: { spot: 'sign' } }, level: 'display' },
    ],
  ],
  notes: 'Its light follows the folds it is painted on: dark where they are dark.',
});

/** Effects over finished surfaces. */
export const overs = [reedDust, lanternLight, boundarySign];
