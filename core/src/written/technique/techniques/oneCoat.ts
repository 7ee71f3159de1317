import { pooling } from '../depositProfiles';
import { everywhere } from './everywhere';
import { technique } from './technique';

export const oneCoat = technique({
  listedAt: 17,
  label: 'one-coat',
  usualStage: 'base',
  usualThinning: { waterParts: 0, mediumParts: 0 },
  saidAs: ['one-coat', 'one coat paint'],
  film: 1,
  deposit: pooling(1.6, 0.5, 0),
  spreads: 'film',
  counts: 'coat',
  means: 'tint',
  usualPlacement: everywhere,
  leaves: 'colour, shade and light from one transparent coat over a pale ground',
  minutes: { perCm2: 0.06, perCm: 0.05, display: 2 },
  slips: 0.25,
  takesItsLight: true,
  mind: 'Lead it down in one go: going back in lifts it.',
});
