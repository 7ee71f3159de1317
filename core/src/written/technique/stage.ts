/** The stage of a line in a recipe, in the order they usually come in. */
export const stages = [
  'prime',
  'base',
  'shade',
  'layer',
  'highlight',
  'glaze',
  'detail',
  'finish',
] as const;

export type Stage = (typeof stages)[number];
