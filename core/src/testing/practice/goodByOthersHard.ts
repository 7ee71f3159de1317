import type { PracticeRecipe } from './practiceRecipe';

/** More of the same lot: cloth, metal, fur, gems, wood. */
export const goodByOthersHard: PracticeRecipe[] = [
  {
    name: 'violet cloak lit with pink',
    surface: 'cloth',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 violet : 0.5 water',
      'layer layer ×2 | 2 violet + 1 pink : 1 water | 0.4–1 soft 0.15 up',
      'layer layer ×2 | 1 violet + 1 pink : 1 water | 0.55–1 soft 0.15 up',
      'highlight layer ×1 | 1 violet + 3 pink : 1 water | 0.72–1 soft 0.1 up',
      'highlight layer ×1 | 1 pink : 1 water | 0.88–1 soft 0.08 up',
      'glaze filter ×1 | 1 violetink : 8 medium',
    ],
  },
  {
    name: 'green cape, red in the shade',
    surface: 'cloth',
    ground: 'slateprime',
    lines: [
      'base brushCoat ×2 | 1 green : 0.5 water',
      'shade placedGlaze ×3 | 1 wine : 5 water | 0–0.4 soft 0.25 down',
      'highlight layer ×2 | 2 green + 1 duckweed : 1.5 water | 0.55–1 soft 0.15 up',
      'highlight layer ×2 | 1 green + 1 duckweed : 1.5 water | 0.7–1 soft 0.12 up',
      'highlight edgeLine ×1 | 1 duckweed + 1 bone : 1 water',
    ],
  },
  {
    name: 'yellow from white by orange glazes',
    surface: 'armour',
    ground: 'chalk',
    lines: [
      'base brushCoat ×3 | 1 yellow : 0.5 water',
      'shade placedGlaze ×3 | 1 orange : 5 medium | 0–0.55 soft 0.25 down',
      'shade placedGlaze ×3 | 1 brick : 6 medium | 0–0.35 soft 0.2 down',
      'shade recessWash ×1 | 1 sepiawash : 1 medium',
      'highlight layer ×2 | 1 pollen : 1 water | 0.7–1 soft 0.12 up',
      'highlight edgeLine ×1 | 1 white + 1 pollen : 1 water',
    ],
  },
  {
    name: 'exhaust, heat-tinted',
    surface: 'metal',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 steel',
      'shade allOverWash ×1 | 1 blackwash : 1 medium',
      'highlight dryBrush ×1 | 1 silver | 0.6–1 soft 0.1 up',
      'glaze placedGlaze ×2 | 1 amberink : 3 medium | 0.3–0.7 soft 0.2 even',
      'glaze placedGlaze ×2 | 1 violetink : 3 medium | 0.5–0.9 soft 0.2 even',
      'glaze placedGlaze ×1 | 1 blueink : 3 medium | 0.7–1 soft 0.15 up',
    ],
  },
  {
    name: 'wolf fur',
    surface: 'hair',
    ground: 'bogoak',
    lines: [
      'base brushCoat ×1 | 1 umber : 1 water',
      'layer dryBrush ×2 | 1 bark | 0.3–1 soft 0.2 up',
      'layer dryBrush ×1 | 1 straw | 0.5–1 soft 0.2 up',
      'shade allOverWash ×1 | 1 brownwash : 1 water',
      'highlight dryBrush ×1 | 1 dryreed | 0.75–1 soft 0.1 up',
    ],
  },
  {
    name: 'ruby, light below',
    surface: 'gem',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 black',
      'layer layer ×2 | 1 wine : 1 water | 0.2–0.7 soft 0.2 down',
      'layer layer ×2 | 1 red : 1 water | 0.1–0.55 soft 0.2 down',
      'highlight layer ×1 | 1 scarlet + 1 orange : 1 water | 0.05–0.35 soft 0.15 down',
      'detail point ×1 | 1 white',
      'finish brushCoat ×1 | 1 gloss',
    ],
  },
  {
    name: 'eyeballs and teeth',
    surface: 'other',
    ground: 'bogoak',
    lines: [
      'base brushCoat ×3 | 1 bone : 0.5 water',
      'shade recessWash ×1 | 1 fleshwash',
      'highlight layer ×1 | 1 bone + 1 white : 1 water | 0.7–1 soft 0.1 up',
      'detail point ×1 | 1 black : 0.5 water',
    ],
  },
  {
    name: 'bleached wood',
    surface: 'wood',
    ground: 'bogoak',
    lines: [
      'base brushCoat ×2 | 1 otter : 0.5 water',
      'detail lineWork ×2 | 1 warmgrey : 1 water',
      'detail lineWork ×1 | 1 tallow : 1 water | 0.6–1 soft 0.1 up',
      'shade allOverWash ×1 | 1 blackwash : 2 water',
      'highlight dryBrush ×1 | 1 bone | 0.7–1 soft 0.1 up',
    ],
  },
  {
    name: 'pale dress, translucent pinks',
    surface: 'cloth',
    ground: 'chalk',
    lines: [
      'base brushCoat ×1 | 1 pink + 2 white : 1 water',
      'shade placedGlaze ×3 | 1 pink : 4 medium | 0–0.5 soft 0.25 down',
      'shade placedGlaze ×2 | 1 heather : 5 medium | 0–0.3 soft 0.2 down',
      'highlight layer ×3 | 1 white : 3 water | 0.6–1 soft 0.2 up',
    ],
  },
  {
    name: 'slate cloak in four translucent lights',
    surface: 'cloth',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 slate : 0.5 water',
      'layer layer ×1 | 2 slate + 1 midgrey : 2 water | 0.4–1 soft 0.2 up',
      'layer layer ×1 | 1 slate + 1 midgrey : 2 water | 0.55–1 soft 0.15 up',
      'highlight layer ×1 | 1 midgrey : 2 water | 0.7–1 soft 0.12 up',
      'highlight layer ×1 | 1 palegrey : 2 water | 0.85–1 soft 0.1 up',
      'glaze filter ×1 | 1 bluewash : 6 medium',
    ],
  },
];
