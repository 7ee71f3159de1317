import type { Recipe } from './recipe';

/** Painters' wishes for a surface. */
export interface SurfaceFacts {
  /** how far apart its steps may stand, as a multiple of cloth’s: most on metal, gems and blades */
  contrast: number;
  /** what its lights and darks ask for, as a painter says it */
  wants: string;
  /** it has a grain that bristles are made for */
  isRough?: true;
  /** its lights stand where they gleam or burn, which need not be on top; of what is not said, who knows */
  gleams?: true;
}

const soft = 'few steps, near each other, with soft ends';
const blended = 'eight or nine small steps, near each other, with soft ends';
const some = 'a step more than cloth, and lighter edges';
const most = 'many steps, from nearly black to nearly white, close beside each other';

export const surfaceFacts: Record<Recipe['surface'], SurfaceFacts> = {
  skin: { contrast: 1, wants: blended },
  cloth: { contrast: 1, wants: soft },
  armour: { contrast: 1.3, wants: some },
  leather: { contrast: 1.3, wants: some },
  bone: { contrast: 1.2, wants: some, isRough: true },
  metal: { contrast: 2.2, wants: most, isRough: true, gleams: true },
  gem: { contrast: 2.2, wants: most, gleams: true },
  glass: { contrast: 2.2, wants: most, gleams: true },
  blade: { contrast: 2.2, wants: most, gleams: true },
  hair: { contrast: 1.3, wants: some, isRough: true },
  wood: { contrast: 1.3, wants: some, isRough: true },
  base: { contrast: 1.5, wants: some, isRough: true },
  other: { contrast: 1.3, wants: some, isRough: true, gleams: true },
};
