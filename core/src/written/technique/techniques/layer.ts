import { evenly } from '../depositProfiles';
import { technique } from './technique';

export const layer = technique({
  listedAt: 6,
  label: 'layer',
  usualStage: 'layer',
  usualThinning: { waterParts: 1, mediumParts: 0 },
  saidAs: ['layer', 'layered', 'layers', 'layer up'],
  film: 1,
  deposit: evenly(0.3),
  spreads: 'film',
  counts: 'coat',
  means: 'cover',
  covers: true,
  usualPlacement: { from: 0.5, to: 1, softness: 0.1, pull: 'up' },
  leaves: 'the area above where it starts',
  minutes: { perCm2: 0.12, perCm: 0.11, display: 4 },
  slips: 0.08,
  isBand: true,
  starkFrom: 16,
  isAfterthought: true,
});
