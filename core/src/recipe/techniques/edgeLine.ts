import { evenly } from '../depositProfiles';
import { technique } from './technique';

export const edgeLine = technique({
  listedAt: 14,
  label: 'edge line',
  film: 0.9,
  deposit: evenly(0),
  spreads: 'film',
  counts: 'coat',
  means: 'mark',
  covers: true,
  usualPlacement: { from: 0.92, to: 1, softness: 0.03, pull: 'even' },
  leaves: 'a line along the edges',
  minutesPerCm2: 1,
  slips: 0.04,
  driesAtOnce: true,
  isFine: true,
});
