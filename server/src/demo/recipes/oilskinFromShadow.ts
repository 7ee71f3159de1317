import { linesOf, sampleRecipe } from './lines';

const { steps, line } = linesOf('oilskin-shadow');

line(
  'base',
  'brushCoat',
  { fenumber: 1 },
  { water: 0.5 },
  { coats: 2, note: 'The whole coat, edges too.' },
);
line(
  'base',
  'layer',
  { ditchochre: 1, fenumber: 1 },
  { water: 0.5 },
  { coats: 2, placement: { from: 0.22 } },
);
line(
  'layer',
  'layer',
  { '@2': 1, ditchochre: 2 },
  { water: 0.5 },
  { coats: 2, placement: { from: 0.34 } },
);
line(
  'layer',
  'layer',
  { marigold: 3, ditchochre: 1 },
  { water: 0.5 },
  { coats: 3, placement: { from: 0.46 } },
);
line(
  'highlight',
  'layer',
  { '@4': 1, oilskin: 4 },
  { water: 0.5 },
  { coats: 3, placement: { from: 0.6 }, note: 'Thin and patient: it streaks at coat one.' },
);
line(
  'highlight',
  'layer',
  { '@5': 2, gosling: 1 },
  { water: 1 },
  { coats: 3, placement: { from: 0.76 } },
);
line(
  'highlight',
  'edgeLine',
  { '@6': 1, gosling: 2 },
  { water: 0.5 },
  { coats: 2, level: 'table' },
);
line(
  'detail',
  'point',
  { gosling: 1, gullwhite: 1 },
  {},
  { coats: 2, level: 'display', note: 'Collar, cuffs and the hood’s peak only.' },
);

export const oilskinFromShadow = sampleRecipe({
  id: 'oilskin-shadow',
  name: 'Oilskin yellow, from the shadow up',
  surface: 'cloth',
  groundPotId: 'lampsoot',
  finishLevel: 'display',
  areaCm2: 9,
  steps,
  notes: 'For the long storm coats. Each line starts higher than the one before.',
});
