import { catching } from '../depositProfiles';
import { technique } from './technique';

export const lineWork = technique({
  listedAt: 13,
  label: 'line work',
  usualStage: 'detail',
  usualThinning: { waterParts: 1, mediumParts: 0 },
  saidAs: ['line work', 'linework', 'hatching', 'hatched', 'scratches'],
  film: 0.9,
  deposit: catching(0.25, 0.5, 1),
  spreads: 'area',
  counts: 'pass',
  means: 'mark',
  usualPlacement: { from: 0.5, to: 1, softness: 0.1, pull: 'up' },
  leaves: 'lines along hair, grain or scratches',
  minutes: { perCm2: 0.35, perCm: 0.15, display: 8 },
  slips: 0.04,
  driesAtOnce: true,
  marks: 'lines',
  strokes: (form, surface) => {
    if (form === 'hair') return 'Lines along the grain, thinner towards the light.';
    if (surface === 'skin')
      return 'Fine lines along the muscle, side by side, closer towards the light.';
    if (surface === 'cloth')
      return 'Fine lines along the fall of the cloth, closer towards the light.';
    return 'Short, crooked scratches at every angle, thickest at edges and folds: wear.';
  },
});
