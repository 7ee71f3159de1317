import { evenly } from '../depositProfiles';
import { technique } from './technique';

export const placedGlaze = technique({
  listedAt: 9,
  label: 'placed glaze',
  usualStage: 'glaze',
  usualThinning: { waterParts: 6, mediumParts: 0 },
  saidAs: ['placed glaze', 'glaze', 'glazed', 'glazes', 'glazing', 'tint', 'tinted'],
  film: 0.45,
  deposit: evenly(0.8),
  spreads: 'film',
  counts: 'pass',
  means: 'tint',
  usualPlacement: { from: 0.1, to: 0.5, softness: 0.25, pull: 'down' },
  leaves: 'a tint that deepens where it is pulled',
  minutes: { perCm2: 0.05, perCm: 0.045, display: 2.2 },
  slips: 0.06,
  tints: true,
  isThinned: true,
  isAfterthought: true,
  mind: 'Wipe most of it off the brush: a glaze left to pool dries with a tide mark.',
});
