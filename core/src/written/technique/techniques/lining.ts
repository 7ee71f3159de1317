import { evenly } from '../depositProfiles';
import { everywhere } from './everywhere';
import { technique } from './technique';

export const lining = technique({
  listedAt: 15,
  label: 'lining',
  usualStage: 'detail',
  usualThinning: { waterParts: 1, mediumParts: 0 },
  saidAs: [
    'lining',
    'lined',
    'line the recesses',
    'line the joins',
    'line the',
    'line all the',
    'outline',
    'outlined',
  ],
  film: 0.9,
  deposit: evenly(0),
  spreads: 'film',
  counts: 'coat',
  means: 'mark',
  usualPlacement: everywhere,
  rim: true,
  belongs: { where: 'along the recesses', startsUpTo: 0.5 },
  leaves: 'a thin line round the part, where it meets the next',
  minutes: { perCm2: 0.5, perCm: 0.2, display: 5 },
  slips: 0.12,
  driesAtOnce: true,
  strokes: () =>
    'One line round the part, thin as the brush makes it, in the gap to the next part.',
});
