import { evenly } from '../depositProfiles';
import { technique } from './technique';

export const dampBrush = technique({
  listedAt: 19,
  label: 'damp brush',
  usualStage: 'layer',
  usualThinning: { waterParts: 0, mediumParts: 0 },
  saidAs: ['damp brush', 'lift with a damp brush', 'lifted off'],
  film: 0,
  deposit: evenly(0.3),
  spreads: 'film',
  counts: 'pass',
  means: 'tint',
  usualPlacement: { from: 0.4, to: 0.75, softness: 0.2, pull: 'up' },
  leaves: 'the coat before it drawn thin where it goes, while that coat is wet',
  minutes: { perCm2: 0.08, perCm: 0.05, display: 2 },
  slips: 0.03,
  goesOnWet: true,
  lifts: 0.6,
  driesAtOnce: true,
  mind: 'At once or not at all: paint that has begun to set tears, and is better left to dry.',
  caution:
    'Wet the brush in water, never in your mouth, and read the maker’s sheet of what is on it.',
});
