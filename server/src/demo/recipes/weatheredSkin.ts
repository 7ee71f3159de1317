import { linesOf, sampleRecipe } from './lines';

const { steps, line } = linesOf('weathered-skin');

line(
  'base',
  'brushCoat',
  { fairbrow: 2, coldcheek: 1 },
  { water: 0.5 },
  { coats: 2, note: 'Start at the light.' },
);
line(
  'glaze',
  'placedGlaze',
  { coldcheek: 1, ferrymantan: 1 },
  { medium: 1 },
  { coats: 3, placement: { from: 0, to: 0.72, softness: 0.25 } },
);
line(
  'glaze',
  'placedGlaze',
  { '@2': 1, ferrymantan: 2 },
  { medium: 1 },
  { coats: 3, placement: { from: 0, to: 0.55, softness: 0.25 } },
);
line(
  'shade',
  'placedGlaze',
  { rawknuckle: 1, ferrymantan: 1 },
  { medium: 1 },
  { coats: 3, placement: { from: 0, to: 0.38, softness: 0.22 } },
);
line('shade', 'recessWash', { blushwater: 2, inkcap: 1 }, { medium: 1 }, { dryMinutes: 40 });
line(
  'glaze',
  'placedGlaze',
  { rosehip: 1 },
  { medium: 16 },
  {
    level: 'table',
    placement: { from: 0.55, to: 0.85, softness: 0.2, pull: 'even' },
    note: 'Nose, knuckles and ears: they stand in the wind.',
  },
);
line(
  'highlight',
  'layer',
  { fairbrow: 1 },
  { water: 1 },
  { coats: 2, placement: { from: 0.8, softness: 0.1 } },
);
line('detail', 'point', { fairbrow: 1, gullwhite: 1 }, {}, { coats: 2, level: 'display' });

export const weatheredSkin = sampleRecipe({
  id: 'weathered-skin',
  name: 'Weathered skin, from the light down',
  surface: 'skin',
  groundPotId: 'drizzle',
  finishLevel: 'display',
  areaCm2: 2.5,
  steps,
  notes: 'Everything darker goes on as glazes pulled into the recesses.',
});
