import { catching } from '../depositProfiles';
import { technique } from './technique';

export const dryBrush = technique({
  listedAt: 11,
  label: 'dry brush',
  usualStage: 'highlight',
  usualThinning: { waterParts: 0, mediumParts: 0 },
  saidAs: [
    'dry brush',
    'drybrush',
    'dry-brush',
    'drybrushed',
    'dry brushed',
    'dry-brushed',
    'drybrushing',
  ],
  film: 0.7,
  deposit: catching(0.04, 0.75, 1.7),
  spreads: 'area',
  counts: 'pass',
  means: 'buildUp',
  usualPlacement: { from: 0.45, to: 1, softness: 0.15, pull: 'up' },
  belongs: { where: 'on what stands up', endsFrom: 0.5 },
  leaves: 'broken colour on what stands up',
  minutes: { perCm2: 0.07, perCm: 0.04, display: 1.7 },
  slips: 0.5,
  driesAtOnce: true,
  isDry: true,
  isAfterthought: true,
  mind: 'Try it on the edge of the palette: bristles too dry scratch, too loaded they streak.',
});
