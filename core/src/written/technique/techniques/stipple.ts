import { catching } from '../depositProfiles';
import { technique } from './technique';

export const stipple = technique({
  listedAt: 12,
  label: 'stipple',
  usualStage: 'highlight',
  usualThinning: { waterParts: 0.5, mediumParts: 0 },
  saidAs: ['stipple', 'stippled', 'stippling', 'dabbed', 'dab', 'dab on', 'dabbed on'],
  film: 0.9,
  deposit: catching(0.25, 0.65, 1),
  spreads: 'area',
  counts: 'pass',
  means: 'buildUp',
  usualPlacement: { from: 0.45, to: 0.95, softness: 0.15, pull: 'up' },
  leaves: 'dots that thicken towards the light',
  minutes: { perCm2: 0.25, perCm: 0.1, display: 6 },
  slips: 0.12,
  driesAtOnce: true,
  mind: 'Use an old brush: stippling ruins its tip. Texture is soon overdone.',
});
