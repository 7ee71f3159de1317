import { evenly } from '../depositProfiles';
import { everywhere } from './everywhere';
import { sprayCaution } from './sprayCaution';
import { technique } from './technique';

export const spray = technique({
  listedAt: 1,
  label: 'spray',
  usualStage: 'prime',
  usualThinning: { waterParts: 0, mediumParts: 0 },
  saidAs: ['spray', 'sprayed', 'rattle can', 'spray can'],
  film: 4,
  deposit: evenly(0),
  spreads: 'film',
  counts: 'coat',
  means: 'cover',
  covers: true,
  usualPlacement: everywhere,
  leaves: 'an opaque, even coat',
  caution: sprayCaution,
  minutes: { perCm2: 0.02, perCm: 0, display: 1.2 },
  slips: 1,
  holdsBody: true,
});
