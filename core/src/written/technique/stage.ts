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

/** An undercoat or a base coat: flat colour over all, which somebody new can paint. */
export const isBaseStage = (stage: Stage): boolean => stage === 'prime' || stage === 'base';
