/** How a step can be put on. What each one does is in `techniques.ts`. */
export const techniqueNames = [
  'spray',
  'sprayFromAbove',
  'brushCoat',
  'layer',
  'allOverWash',
  'recessWash',
  'placedGlaze',
  'filter',
  'dryBrush',
  'stipple',
  'lineWork',
  'edgeLine',
  'point',
  'oneCoat',
  'wetBlend',
] as const;

export type TechniqueName = (typeof techniqueNames)[number];
