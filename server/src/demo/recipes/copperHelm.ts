import { linesOf, sampleRecipe } from './lines';

const { steps, line } = linesOf('copper-helm');

line('base', 'brushCoat', { helmcopper: 1 }, { water: 0.25 }, { coats: 2 });
line(
  'shade',
  'allOverWash',
  { peatwater: 1 },
  {},
  { dryMinutes: 45, note: 'Let it stand in the rivets.' },
);
line(
  'glaze',
  'recessWash',
  { frostpool: 2, duckweed: 1 },
  { water: 6 },
  {
    level: 'table',
    placement: { from: 0.02, to: 0.2, softness: 0.1 },
    note: 'Green bloom under the rim.',
  },
);
line(
  'layer',
  'layer',
  { helmcopper: 1 },
  { water: 0.5 },
  { coats: 2, placement: { from: 0.44 }, note: 'The dome back to clean metal.' },
);
line(
  'highlight',
  'layer',
  { helmcopper: 1, polishedhelm: 1 },
  { water: 0.5 },
  { coats: 2, placement: { from: 0.66 } },
);
line(
  'highlight',
  'layer',
  { polishedhelm: 1 },
  { water: 0.5 },
  { coats: 2, level: 'table', placement: { from: 0.82, softness: 0.06 } },
);
line('detail', 'edgeLine', { polishedhelm: 2, bucklesteel: 1 }, {}, { coats: 2, level: 'display' });
line(
  'finish',
  'brushCoat',
  { glasswet: 1 },
  {},
  { dryMinutes: 120, note: 'Metal only; the cloth stays matt.' },
);

export const copperHelm = sampleRecipe({
  id: 'copper-helm',
  name: 'Copper diving helm',
  surface: 'metal',
  groundPotId: 'lampsoot',
  finishLevel: 'display',
  areaCm2: 3,
  steps,
  notes: 'Metallics turn with the light: every figure here is an estimate.',
});
