import { linesOf, sampleRecipe } from './lines';

const { steps, line } = linesOf('reed-cloak');

line(
  'base',
  'brushCoat',
  { reedstraw: 1 },
  { water: 0.5 },
  { coats: 3, note: 'Mid tone everywhere.' },
);
line(
  'shade',
  'brushCoat',
  { rushbrown: 2, reedstraw: 1 },
  { water: 1 },
  { coats: 1, placement: { from: 0, to: 0.3, softness: 0.14, pull: 'down' } },
);
line(
  'shade',
  'lineWork',
  { peat: 1, rushbrown: 1 },
  { water: 1 },
  {
    placement: { from: 0, to: 0.2, softness: 0.1, pull: 'down' },
    note: 'Between the bundles, along the reeds.',
  },
);
line(
  'highlight',
  'lineWork',
  { '@1': 2, dryreed: 1 },
  { water: 0.5 },
  { coats: 2, placement: { from: 0.5 } },
);
line(
  'highlight',
  'lineWork',
  { '@1': 1, dryreed: 1 },
  { water: 0.5 },
  { coats: 2, placement: { from: 0.66 } },
);
line(
  'highlight',
  'lineWork',
  { dryreed: 1 },
  { water: 0.5 },
  { coats: 3, level: 'table', placement: { from: 0.8 }, note: 'Stop short of the line below.' },
);
line(
  'glaze',
  'filter',
  { sedge: 1 },
  { water: 4, medium: 1 },
  { level: 'display', note: 'Ties the three tones together.' },
);
line(
  'detail',
  'edgeLine',
  { dryreed: 1, gullwhite: 1 },
  { water: 0.5 },
  {
    level: 'display',
    coats: 2,
    restores: 'reed-cloak-7',
    note: 'Cut ends again, after the filter.',
  },
);

export const reedCloak = sampleRecipe({
  id: 'reed-cloak',
  name: 'Reed cloak, three tones',
  surface: 'hair',
  groundPotId: 'bogoak',
  finishLevel: 'display',
  areaCm2: 6,
  steps,
  notes: 'Dark, mid and light: 2 dark to 1 mid in the folds, then 2 to 1, 1 to 1 and pure light.',
});
