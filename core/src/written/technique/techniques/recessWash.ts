import { pooling } from '../depositProfiles';
import { technique } from './technique';

export const recessWash = technique({
  listedAt: 8,
  label: 'recess wash',
  usualStage: 'shade',
  usualThinning: { waterParts: 0, mediumParts: 0 },
  saidAs: [
    'recess wash',
    'recess washes',
    'pin wash',
    'pinwash',
    'wash in the recesses',
    'wash into the recesses',
    'washed into the recesses',
  ],
  saidWhere: { low: ['wash', 'washed', 'washes'] },
  film: 1,
  deposit: pooling(2.2, 0.15, 0.02),
  spreads: 'film',
  counts: 'pass',
  means: 'tint',
  usualPlacement: { from: 0, to: 0.28, softness: 0.14, pull: 'down' },
  belongs: { where: 'in the recesses', startsUpTo: 0.35, endsUpTo: 0.8 },
  runs: true,
  leaves: 'dark recesses, the rest clean',
  minutes: { perCm2: 0.3, perCm: 0.12, display: 4 },
  slips: 0.06,
  tints: true,
  sparesPoints: true,
  isAfterthought: true,
});
