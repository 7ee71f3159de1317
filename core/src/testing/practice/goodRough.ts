import type { PracticeRecipe } from './practiceRecipe';

/** Surfaces with a grain: leather, bone, fur and hair, wood, earth and stone. */
export const goodRough: PracticeRecipe[] = [
  {
    name: 'brown leather, worn by scratches',
    surface: 'leather',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 plank : 0.5 water',
      'layer layer ×2 | 1 bark : 1 water | 0.45–1 soft 0.12 up',
      'highlight lineWork ×1 | 1 bark + 1 tan : 1 water',
      'highlight lineWork ×1 | 1 tan + 1 bone : 1 water | 0.8–1 soft 0.05 up',
      'shade recessWash ×1 | 1 brownwash : 1 medium',
    ],
  },
  {
    name: 'pale hide under one wash',
    surface: 'leather',
    ground: 'drizzle',
    lines: [
      'base brushCoat ×2 | 1 tan : 0.5 water',
      'shade allOverWash ×1 | 1 sepiawash : 0.5 water',
    ],
  },
  {
    name: 'black leather with a brown edge',
    surface: 'leather',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 black : 0.5 water',
      'highlight stipple ×1 | 1 black + 1 otter : 0.5 water | 0.7–1 soft 0.1 up',
      'highlight edgeLine ×1 | 1 otter + 1 tan : 1 water',
    ],
  },
  {
    name: 'bone dry-brushed over brown',
    surface: 'bone',
    ground: 'bogoak',
    lines: [
      'base brushCoat ×2 | 1 umber : 0.5 water',
      'layer dryBrush ×2 | 1 straw | 0.3–1 soft 0.2 up',
      'highlight dryBrush ×2 | 1 bone | 0.45–1 soft 0.2 up',
      'highlight dryBrush ×1 | 1 tallow | 0.7–1 soft 0.15 up',
    ],
  },
  {
    name: 'bone, sepia, restored',
    surface: 'bone',
    ground: 'chalk',
    lines: [
      'base brushCoat ×2 | 1 bone : 0.5 water',
      'shade allOverWash ×1 | 1 sepiawash : 1 medium',
      'layer layer ×2 | 1 bone : 1 water | 0.42–1 soft 0.12 up',
      'highlight layer ×2 | 1 bone + 1 white : 1 water | 0.7–1 soft 0.1 up',
    ],
  },
  {
    name: 'old bone with a greenish shade',
    surface: 'bone',
    ground: 'drizzle',
    lines: [
      'base brushCoat ×2 | 2 bone + 1 straw : 0.5 water',
      'shade allOverWash ×1 | 1 greenwash : 1.5 medium',
      'layer layer ×2 | 1 bone : 1 water | 0.45–1 soft 0.15 up',
      'highlight layer ×1 | 1 tallow : 1 water | 0.72–1 soft 0.1 up',
    ],
  },
  {
    name: 'grey fur, dry-brushed pale',
    surface: 'hair',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 slate : 0.5 water',
      'layer dryBrush ×2 | 1 midgrey | 0.35–1 soft 0.2 up',
      'highlight dryBrush ×1 | 1 palegrey | 0.6–1 soft 0.15 up',
      'shade recessWash ×1 | 1 blackwash : 1 medium',
      'highlight dryBrush ×1 | 1 white | 0.8–1 soft 0.1 up',
    ],
  },
  {
    name: 'dark hair drawn in lines',
    surface: 'hair',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 peat + 1 black : 0.5 water',
      'highlight lineWork ×1 | 1 peat + 1 bark : 1 water | 0.5–1 soft 0.1 up',
      'highlight lineWork ×1 | 1 bark : 1 water | 0.66–1 soft 0.1 up',
      'highlight lineWork ×1 | 1 bark + 1 straw : 1 water | 0.82–1 soft 0.06 up',
    ],
  },
  {
    name: 'fair hair over ochre',
    surface: 'hair',
    ground: 'bogoak',
    lines: [
      'base brushCoat ×2 | 1 ochre : 0.5 water',
      'shade allOverWash ×1 | 1 brownwash : 0.5 medium',
      'layer lineWork ×2 | 1 straw : 1 water | 0.4–1 soft 0.1 up',
      'highlight lineWork ×2 | 1 pollen + 1 straw : 1 water | 0.62–1 soft 0.1 up',
      'highlight lineWork ×1 | 1 cream : 1 water | 0.84–1 soft 0.06 up',
    ],
  },
  {
    name: 'grained wood',
    surface: 'wood',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 umber : 0.5 water',
      'layer lineWork ×2 | 1 bark : 1 water | 0.3–1 soft 0.1 up',
      'layer lineWork ×1 | 1 bark + 1 straw : 1 water | 0.5–1 soft 0.1 up',
      'shade allOverWash ×1 | 1 brownwash : 2 water',
      'highlight lineWork ×1 | 1 dryreed : 1 water | 0.8–1 soft 0.06 up',
    ],
  },
  {
    name: 'earth, dry-brushed in three',
    surface: 'base',
    ground: 'soot',
    lines: [
      'base brushCoat ×1 | 1 peat : 0.5 water',
      'layer dryBrush ×2 | 1 bark | 0.25–1 soft 0.2 up',
      'highlight dryBrush ×1 | 1 straw | 0.5–1 soft 0.15 up',
      'highlight dryBrush ×1 | 1 bone | 0.75–1 soft 0.1 up',
    ],
  },
  {
    name: 'stone, washed in two colours, matt at the end',
    surface: 'base',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 slate : 0.5 water',
      'layer dryBrush ×2 | 1 midgrey | 0.35–1 soft 0.2 up',
      'shade recessWash ×1 | 1 greenwash : 1 water',
      'glaze placedGlaze ×1 | 1 brownwash : 2 water | 0.2–0.6 soft 0.2 even',
      'highlight dryBrush ×1 | 1 palegrey | 0.7–1 soft 0.15 up',
      'finish brushCoat ×1 | 1 matt',
    ],
  },
];
