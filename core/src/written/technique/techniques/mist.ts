import { evenly } from '../depositProfiles';
import { sprayCaution } from './sprayCaution';
import { technique } from './technique';

/** Thinly, from a distance: it lies where it falls, so it is aimed at the side it comes from. */
export const mist = technique({
  listedAt: 3,
  label: 'mist from one side',
  usualStage: 'prime',
  usualThinning: { waterParts: 0, mediumParts: 0 },
  saidAs: ['mist from one side', 'mist', 'misted'],
  film: 2,
  deposit: (at, placement, water) => 0.6 * evenly(0)(at, placement, water),
  spreads: 'area',
  counts: 'pass',
  means: 'showThrough',
  usualPlacement: {
    from: 0,
    to: 1,
    softness: 0.2,
    pull: 'even',
    aim: { facing: { side: 'light', within: 75 } },
  },
  leaves: 'specks on everything that faces the can',
  caution: sprayCaution,
  minutes: { perCm2: 0.02, perCm: 0, display: 1.5 },
  slips: 0.8,
  holdsBody: true,
});
