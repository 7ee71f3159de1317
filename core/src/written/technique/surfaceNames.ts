/** The subject of a recipe: the kinds of surface on a figure. */
export const surfaces = [
  'skin',
  'cloth',
  'armour',
  'leather',
  'bone',
  'metal',
  'gem',
  'glass',
  'blade',
  'hair',
  'wood',
  'base',
  'other',
] as const;

export type SurfaceName = (typeof surfaces)[number];
