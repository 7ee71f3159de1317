import type { PracticeRecipe } from './practiceRecipe';

/** Skin, as ten painters paint it: dark or pale to begin with, warm or violet, alive or not. */
export const goodSkin: PracticeRecipe[] = [
  {
    name: 'dark skin, built up from brown',
    surface: 'skin',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 2 peat + 1 wine : 0.5 water',
      'layer layer ×2 | 1 peat + 1 bark : 1 water | 0.3–1 soft 0.15 up',
      'layer layer ×2 | 2 bark + 1 knuckle : 1.5 water | 0.5–1 soft 0.15 up',
      'highlight layer ×2 | 1 knuckle + 1 tan : 2 water | 0.68–1 soft 0.15 up',
      'glaze placedGlaze ×3 | 1 violet : 8 water | 0–0.4 soft 0.25 down',
      'highlight layer ×2 | 1 tan + 1 cheek : 2 water | 0.84–1 soft 0.1 up',
      'detail point ×1 | 1 brow : 1 water',
    ],
  },
  {
    name: 'dark first coat, pale at the end',
    surface: 'skin',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 plank : 0.5 water',
      'layer layer ×3 | 1 knuckle : 1 water | 0.2–1 soft 0.15 up',
      'layer layer ×3 | 1 knuckle + 1 cheek : 1 water | 0.34–1 soft 0.15 up',
      'layer layer ×3 | 1 cheek : 1 water | 0.5–1 soft 0.15 up',
      'highlight layer ×2 | 1 cheek + 1 brow : 1.5 water | 0.66–1 soft 0.12 up',
      'highlight layer ×2 | 1 brow : 1.5 water | 0.82–1 soft 0.1 up',
      'glaze placedGlaze ×2 | 1 red : 12 water | 0.55–0.85 soft 0.2 even',
    ],
  },
  {
    name: 'pale skin: base, wash, restore, two lights',
    surface: 'skin',
    ground: 'drizzle',
    lines: [
      'base brushCoat ×2 | 1 tan : 1 water',
      'shade allOverWash ×1 | 1 fleshwash : 1 medium',
      'layer layer ×2 | 1 tan : 1 water | 0.42–1 soft 0.1 up',
      'highlight layer ×2 | 1 cheek : 1 water | 0.6–1 soft 0.1 up',
      'highlight layer ×1 | 1 brow : 1 water | 0.8–1 soft 0.08 up',
    ],
  },
  {
    name: 'from the light down with glazes',
    surface: 'skin',
    ground: 'chalk',
    lines: [
      'base brushCoat ×2 | 2 brow + 1 cheek : 0.5 water',
      'glaze placedGlaze ×3 | 1 cheek + 1 tan : 3 medium | 0–0.7 soft 0.25 down',
      'glaze placedGlaze ×3 | 1 tan + 1 knuckle : 4 medium | 0–0.5 soft 0.25 down',
      'glaze placedGlaze ×4 | 1 knuckle + 1 violet : 6 medium | 0–0.34 soft 0.22 down',
      'highlight layer ×2 | 2 brow + 1 white : 1.5 water | 0.82–1 soft 0.12 up',
    ],
  },
  {
    name: 'dead flesh, violet in the folds and green on top',
    surface: 'skin',
    ground: 'drizzle',
    lines: [
      'base brushCoat ×3 | 1 deadflesh : 1 water',
      'shade allOverWash ×1 | 1 violetwash + 1 greenwash : 1 medium',
      'layer layer ×2 | 1 deadflesh : 1 water | 0.45–1 soft 0.12 up',
      'highlight layer ×2 | 1 deadflesh + 1 bone : 1.5 water | 0.64–1 soft 0.12 up',
      'highlight layer ×1 | 1 bone : 1 water | 0.82–1 soft 0.08 up',
      'glaze placedGlaze ×2 | 1 wine : 10 water | 0.05–0.35 soft 0.2 down',
    ],
  },
  {
    name: 'ruddy face with spots of red and grey-green',
    surface: 'skin',
    ground: 'slateprime',
    lines: [
      'base brushCoat ×3 | 1 tan + 1 knuckle : 1 water',
      'layer layer ×2 | 1 tan : 1 water | 0.4–1 soft 0.15 up',
      'highlight layer ×2 | 1 tan + 1 cheek : 1.5 water | 0.58–1 soft 0.15 up',
      'highlight layer ×2 | 1 cheek + 1 brow : 2 water | 0.74–1 soft 0.12 up',
      'shade placedGlaze ×2 | 1 wine + 1 umber : 6 medium | 0–0.3 soft 0.2 down',
      'glaze placedGlaze ×3 | 1 red : 12 medium | 0.6–0.8 soft 0.15 even',
      'glaze placedGlaze ×2 | 1 slate + 1 sedge : 12 water | 0.3–0.48 soft 0.15 even',
      'detail point ×1 | 1 brow + 1 white : 1 water | 0.96–1 soft 0.02 even',
    ],
  },
  {
    name: 'grey-green brute in three opaque steps',
    surface: 'skin',
    ground: 'soot',
    lines: [
      'base brushCoat ×2 | 1 forest : 0.5 water',
      'layer layer ×2 | 1 sedge + 1 forest : 0.5 water | 0.3–1 soft 0.08 up',
      'layer layer ×2 | 1 sedge : 0.5 water | 0.5–1 soft 0.08 up',
      'highlight layer ×2 | 2 sedge + 1 bone : 1 water | 0.72–1 soft 0.08 up',
      'highlight edgeLine ×1 | 1 sedge + 1 bone : 1 water',
      'glaze placedGlaze ×2 | 1 brick : 10 water | 0.5–0.75 soft 0.2 even',
    ],
  },
];
