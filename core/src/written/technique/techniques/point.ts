import { evenly } from '../depositProfiles';
import { technique } from './technique';

export const point = technique({
  listedAt: 16,
  label: 'point',
  usualStage: 'highlight',
  usualThinning: { waterParts: 0, mediumParts: 0 },
  saidAs: ['dots', 'dot', 'point highlight', 'dotted', 'spots of light'],
  saidOfStop: 'point',
  film: 1,
  deposit: evenly(0),
  spreads: 'film',
  counts: 'coat',
  means: 'mark',
  covers: true,
  usualPlacement: { from: 0.98, to: 1, softness: 0.01, pull: 'even' },
  belongs: { where: 'on the sharpest points', startsFrom: 0.5 },
  leaves: 'dots at corners and the sharpest folds',
  minutes: { perCm2: 2.5, perCm: 0.4, display: 4 },
  slips: 0.02,
  driesAtOnce: true,
  isFine: true,
  marks: 'dots',
  strokes: () => 'Dots, at the corners and the sharpest places only.',
});
