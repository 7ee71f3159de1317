import { evenly } from '../depositProfiles';
import { everywhere } from './everywhere';
import { technique } from './technique';

export const filter = technique({
  listedAt: 10,
  label: 'filter',
  usualStage: 'glaze',
  usualThinning: { waterParts: 8, mediumParts: 0 },
  saidAs: ['filter', 'filtered', 'filters', 'tint over everything'],
  film: 0.45,
  deposit: evenly(0),
  spreads: 'film',
  counts: 'pass',
  means: 'tint',
  usualPlacement: everywhere,
  leaves: 'a thin even tint',
  minutes: { perCm2: 0.04, perCm: 0.02, display: 2 },
  slips: 0.15,
  holdsBody: true,
  tints: true,
  isThinned: true,
  isAfterthought: true,
  mind: 'Draw it out before it settles: where it pools it leaves a tide mark.',
});
