import { evenly } from '../depositProfiles';
import { technique } from './technique';

export const edgeLine = technique({
  listedAt: 14,
  label: 'edge line',
  usualStage: 'highlight',
  usualThinning: { waterParts: 0.5, mediumParts: 0 },
  saidAs: [
    'edge line',
    'edge lines',
    'edge highlight',
    'edge highlights',
    'edge highlighting',
    'edged',
    'edging',
  ],
  saidOfStop: 'edge',
  film: 0.9,
  deposit: evenly(0),
  spreads: 'film',
  counts: 'coat',
  means: 'mark',
  covers: true,
  usualPlacement: { from: 0.92, to: 1, softness: 0.03, pull: 'even' },
  belongs: { where: 'on the edges', startsFrom: 0.6, endsFrom: 0.85 },
  leaves: 'a line along the edges',
  minutes: { perCm2: 1.5, perCm: 0.3, display: 4 },
  slips: 0.04,
  driesAtOnce: true,
  isFine: true,
});
