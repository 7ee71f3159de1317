import { drawnOut } from '../depositProfiles';
import { technique } from './technique';

export const wetBlend = technique({
  listedAt: 18,
  label: 'wet blend',
  usualStage: 'layer',
  usualThinning: { waterParts: 0.5, mediumParts: 0 },
  saidAs: ['wet blend', 'wet blended', 'wet-blend', 'blended wet', 'wet blending'],
  film: 1,
  deposit: drawnOut(0.35),
  spreads: 'film',
  counts: 'coat',
  means: 'cover',
  covers: true,
  usualPlacement: { from: 0.5, to: 1, softness: 0.35, pull: 'up' },
  leaves: 'a long soft passage into what is still wet',
  minutes: { perCm2: 0.3, perCm: 0.15, display: 4 },
  slips: 0.12,
  goesOnWet: true,
  isBand: true,
});
