import { pooling } from '../depositProfiles';
import { everywhere } from './everywhere';
import { technique } from './technique';

export const allOverWash = technique({
  listedAt: 7,
  label: 'all-over wash',
  usualStage: 'shade',
  usualThinning: { waterParts: 0, mediumParts: 0 },
  saidAs: [
    'all-over wash',
    'all over wash',
    'wash',
    'washed',
    'washes',
    'wash over',
    'wash over everything',
    'wash all over',
  ],
  film: 1,
  deposit: pooling(2.2, 0.15, 0),
  spreads: 'film',
  counts: 'pass',
  means: 'tint',
  usualPlacement: everywhere,
  runs: true,
  leaves: 'dark recesses and a faint stain on the rest',
  minutes: { perCm2: 0.03, perCm: 0.02, display: 1.5 },
  slips: 0.35,
  holdsBody: true,
  tints: true,
  wantsRestoring: true,
  mind: 'Take up with a damp brush what stands in pools on the flats.',
});
