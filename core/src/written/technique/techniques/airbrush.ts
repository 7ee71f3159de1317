import { drawnOut } from '../depositProfiles';
import { sprayCaution } from './sprayCaution';
import { technique } from './technique';

const softness = 0.2;

export const airbrush = technique({
  listedAt: 4,
  label: 'airbrush',
  usualStage: 'base',
  usualThinning: { waterParts: 1, mediumParts: 0 },
  saidAs: ['airbrush', 'airbrushed'],
  film: 0.5,
  deposit: drawnOut(softness),
  spreads: 'film',
  counts: 'pass',
  means: 'buildUp',
  usualPlacement: { from: 0.5, to: 1, softness, pull: 'up' },
  leaves: 'a soft cloud without an edge',
  caution: `${sprayCaution} Never clean it with thinner near heat.`,
  minutes: { perCm2: 0.04, perCm: 0, display: 1.5 },
  slips: 0.5,
  holdsBody: true,
  mind: 'Thin passes from the side the light comes from; a wet one runs and spiders.',
});
