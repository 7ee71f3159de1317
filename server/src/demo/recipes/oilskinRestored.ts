import { linesOf, sampleRecipe } from './lines';

const { steps, line } = linesOf('oilskin-restored');

line('base', 'brushCoat', { oilskin: 2, marigold: 1 }, { water: 0.5 }, { coats: 3 });
line(
  'shade',
  'allOverWash',
  { rustseep: 1 },
  { medium: 1 },
  { dryMinutes: 40, note: 'Draw it out of the flats before it sets.' },
);
line('shade', 'recessWash', { peatwater: 1 }, { water: 1 }, { dryMinutes: 30 });
line(
  'layer',
  'layer',
  { '@1': 1 },
  { water: 0.5 },
  { coats: 2, placement: { from: 0.42 }, note: 'Everything but the folds back to the base.' },
);
line(
  'highlight',
  'layer',
  { '@1': 1, reedpollen: 2 },
  { water: 0.5 },
  { coats: 2, placement: { from: 0.62 } },
);
line(
  'highlight',
  'layer',
  { '@5': 1, gosling: 1 },
  { water: 0.5 },
  { coats: 2, placement: { from: 0.78 } },
);
line('highlight', 'edgeLine', { gosling: 1 }, { water: 0.5 }, { coats: 2, level: 'table' });
line(
  'glaze',
  'placedGlaze',
  { peatwater: 1, rustseep: 2 },
  { medium: 1 },
  {
    level: 'display',
    placement: { from: 0, to: 0.4 },
    note: 'Hem and elbows, where the rain runs off.',
  },
);

export const oilskinRestored = sampleRecipe({
  id: 'oilskin-restored',
  name: 'Oilskin yellow, shaded and restored',
  surface: 'cloth',
  groundPotId: 'drizzle',
  finishLevel: 'display',
  areaCm2: 9,
  models: 20,
  steps,
  notes: 'The quick one for the rank and file: base, shade, restore, highlight.',
});
