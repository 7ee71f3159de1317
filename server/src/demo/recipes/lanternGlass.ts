import { linesOf, sampleRecipe } from './lines';

const { steps, line } = linesOf('lantern-glass');

line(
  'base',
  'oneCoat',
  { amber: 1 },
  {},
  { dryMinutes: 40, note: 'Lead it down from the top; do not go back in.' },
);
line(
  'shade',
  'recessWash',
  { ember: 1 },
  { medium: 1 },
  { placement: { from: 0, to: 0.3, softness: 0.2 } },
);
line(
  'glaze',
  'placedGlaze',
  { ember: 1, amber: 1 },
  { medium: 2 },
  { coats: 2, placement: { from: 0, to: 0.5, softness: 0.3 }, level: 'table' },
);
line(
  'highlight',
  'placedGlaze',
  { reedpollen: 2, amber: 1 },
  { medium: 1 },
  {
    coats: 2,
    placement: { from: 0.6, to: 1, softness: 0.25, pull: 'up' },
    level: 'table',
    note: 'Where the flame would be.',
  },
);
line('detail', 'point', { gosling: 1, gullwhite: 1 }, {}, { coats: 2, note: 'One glint a pane.' });
line('finish', 'brushCoat', { glasswet: 1 }, {}, { dryMinutes: 120 });

export const lanternGlass = sampleRecipe({
  id: 'lantern-glass',
  name: 'Lantern glass, one coat over pale',
  surface: 'glass',
  groundPotId: 'chalkbank',
  finishLevel: 'display',
  areaCm2: 1.2,
  steps,
  notes: 'Transparent paint does the shading; the pale ground does the light.',
});
