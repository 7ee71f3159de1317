import { falling } from '../depositProfiles';
import { sprayCaution } from './sprayCaution';
import { technique } from './technique';

export const sprayFromAbove = technique({
  listedAt: 2,
  label: 'spray from above',
  usualStage: 'prime',
  usualThinning: { waterParts: 0, mediumParts: 0 },
  saidAs: ['spray from above', 'sprayed from above'],
  saidWhere: { up: ['spray', 'sprayed'] },
  film: 2,
  deposit: falling,
  spreads: 'area',
  counts: 'coat',
  means: 'showThrough',
  usualPlacement: { from: 0.2, to: 1, softness: 0.2, pull: 'up' },
  leaves: 'a mist on everything that faces up',
  caution: sprayCaution,
  minutes: { perCm2: 0.02, perCm: 0, display: 1.2 },
  slips: 0.8,
  holdsBody: true,
});
