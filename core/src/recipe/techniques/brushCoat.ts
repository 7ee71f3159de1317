import { evenly } from '../depositProfiles';
import { everywhere } from './everywhere';
import { technique } from './technique';

export const brushCoat = technique({
  listedAt: 5,
  label: 'brush coat',
  film: 1,
  deposit: evenly(0.15),
  spreads: 'film',
  counts: 'coat',
  means: 'cover',
  covers: true,
  usualPlacement: everywhere,
  leaves: 'an even coat',
  minutesPerCm2: 0.2,
  slips: 0.15,
  starkFrom: 16,
});
