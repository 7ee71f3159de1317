import type { PracticeRecipe } from './practiceRecipe';

/** Transparent paint over a pale or mist-lit ground: uneven is what it is meant to be. */
export const goodTransparent: PracticeRecipe[] = [
  {
    name: 'one coat over a mist from above',
    surface: 'cloth',
    ground: 'soot',
    lines: [
      'prime sprayFromAbove ×2 | 1 palegrey',
      'prime sprayFromAbove ×1 | 1 white | 0.5–1 soft 0.2 up',
      'base oneCoat ×1 | 1 greenink : 1 medium',
      'highlight edgeLine ×1 | 1 duckweed + 1 cream : 1 water',
    ],
  },
  {
    name: 'dry-brushed to white, then one coat',
    surface: 'hair',
    ground: 'slateprime',
    lines: [
      'base dryBrush ×2 | 1 palegrey | 0.25–1 soft 0.2 up',
      'base dryBrush ×2 | 1 white | 0.5–1 soft 0.2 up',
      'base oneCoat ×1 | 1 amberink : 1 medium',
    ],
  },
  {
    name: 'one-coat skin over bone',
    surface: 'skin',
    ground: 'chalk',
    lines: [
      'base oneCoat ×1 | 1 fleshwash : 0.5 medium',
      'highlight layer ×2 | 1 brow : 1.5 water | 0.72–1 soft 0.12 up',
      'detail point ×1 | 1 white : 1 water',
    ],
  },
  {
    name: 'colour thinned over a lit ground',
    surface: 'armour',
    ground: 'soot',
    lines: [
      'prime sprayFromAbove ×3 | 1 white',
      'base brushCoat ×2 | 1 scarlet : 3 medium',
      'shade recessWash ×1 | 1 redwash : 0.5 medium',
      'highlight edgeLine ×1 | 1 orange + 1 cheek : 1 water',
    ],
  },
  {
    name: 'inks over white for coloured glass',
    surface: 'glass',
    ground: 'chalk',
    lines: [
      'base oneCoat ×1 | 1 yellowink : 1 medium',
      'glaze placedGlaze ×3 | 1 amberink : 3 medium | 0–0.6 soft 0.3 down',
      'glaze placedGlaze ×2 | 1 redink : 4 medium | 0–0.3 soft 0.2 down',
      'detail point ×1 | 1 white',
      'finish brushCoat ×1 | 1 gloss',
    ],
  },
];
