import { evenly } from '../depositProfiles';
import { everywhere } from './everywhere';
import { technique } from './technique';

export const brushCoat = technique({
  listedAt: 5,
  label: 'brush coat',
  usualStage: 'base',
  usualThinning: { waterParts: 0.5, mediumParts: 0 },
  saidAs: ['brush coat', 'basecoat', 'base coat', 'brushed on', 'coat by brush'],
  film: 1,
  deposit: evenly(0.15),
  spreads: 'film',
  counts: 'coat',
  means: 'cover',
  covers: true,
  usualPlacement: everywhere,
  leaves: 'an even coat',
  minutes: { perCm2: 0.056, perCm: 0.066, display: 3 },
  slips: 0.15,
  starkFrom: 16,
});
