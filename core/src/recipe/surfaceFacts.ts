import type { Recipe } from './recipe';

/** What painters ask of a surface. */
export interface SurfaceFacts {
  /** how far apart its steps may stand, as a multiple of cloth’s: most on metal, gems and blades */
  contrast: number;
  /** it has a grain that bristles are made for */
  isRough?: true;
  /** its lights stand where they gleam, which need not be on top */
  gleams?: true;
}

export const surfaceFacts: Record<Recipe['surface'], SurfaceFacts> = {
  skin: { contrast: 1 },
  cloth: { contrast: 1 },
  armour: { contrast: 1.3 },
  leather: { contrast: 1.3 },
  bone: { contrast: 1.2, isRough: true },
  metal: { contrast: 2.2, isRough: true, gleams: true },
  gem: { contrast: 2.2, gleams: true },
  glass: { contrast: 2.2, gleams: true },
  blade: { contrast: 2.2, gleams: true },
  hair: { contrast: 1.3, isRough: true },
  wood: { contrast: 1.3, isRough: true },
  base: { contrast: 1.5, isRough: true },
  other: { contrast: 1.3, isRough: true },
};
