import type { Pot } from '@yellow-ledger/core';

/** Sample pots of the Lanternfen Levy; a made-up range. */

type Figures = Pick<Pot, 'id' | 'name' | 'swatch' | 'hiding'> & Partial<Pot>;

const tried = (kind: Pot['kind'], figures: Figures): Pot => ({
  finish: 'matt',
  flow: 'normal',
  hidingIsGuess: false,
  volumeMl: 17,
  notes: '',
  retired: false,
  kind,
  ...figures,
});
const paint = (id: string, name: string, swatch: string, hiding: number, more: Partial<Pot> = {}) =>
  tried('paint', { id, name, swatch, hiding, ...more });
const thinPot =
  (kind: 'ink' | 'wash') =>
  (id: string, name: string, swatch: string, hiding: number, more: Partial<Pot> = {}) =>
    tried(kind, {
      id,
      name,
      swatch,
      swatchShows: 'one coat over white',
      hiding,
      flow: 'thin',
      ...more,
    });
const ink = thinPot('ink');
const wash = thinPot('wash');
const primer = (id: string, name: string, swatch: string, hiding: number) =>
  tried('primer', { id, name, swatch, hiding, volumeMl: 400 });
const clear = (kind: 'medium' | 'varnish', id: string, name: string, more: Partial<Pot> = {}) =>
  tried(kind, { id, name, swatch: '#f4f4f0', hiding: 0, ...more });

export const samplePots: Pot[] = [
  primer('lampsoot', 'Lampsoot Primer', '#1b1b1d', 0.97),
  primer('drizzle', 'Drizzle Primer', '#b9bcba', 0.95),
  primer('chalkbank', 'Chalkbank Primer', '#efeee9', 0.9),
  primer('bogoak', 'Bogoak Primer', '#4b3626', 0.96),

  paint('marigold', 'Marigold Clay', '#d99a1f', 0.42, { volumeMl: 3 }),
  paint('oilskin', 'Oilskin Yellow', '#e9b91d', 0.26, { notes: 'Streaks over anything dark.' }),
  paint('reedpollen', 'Reedpollen', '#f0d468', 0.34),
  paint('gosling', 'Gosling Down', '#f3e6ae', 0.42),
  paint('ditchochre', 'Ditch Ochre', '#a8702a', 0.78),
  paint('fenumber', 'Fen Umber', '#5b4128', 0.86),
  paint('tarredplank', 'Tarred Plank', '#4a3020', 0.9),
  paint('peat', 'Peat', '#33261d', 0.92),
  paint('copsebark', 'Copse Bark', '#6e5238', 0.84),
  paint('rushbrown', 'Rush Brown', '#76623a', 0.78),
  paint('reedstraw', 'Reed Straw', '#b3a062', 0.66),
  paint('dryreed', 'Dry Reed', '#d3c796', 0.58),
  paint('sedge', 'Sedge Green', '#66713a', 0.7),
  paint('duckweed', 'Duckweed', '#8fa33b', 0.5),
  paint('aldershade', 'Alder Shade', '#2f4034', 0.86),
  paint('rosehip', 'Rosehip', '#a6322b', 0.55),
  paint('brickdike', 'Brickdike', '#8a4634', 0.78),
  paint('sluicerust', 'Sluice Rust', '#9b5527', 0.72, { flow: 'thick' }),
  paint('ferrymantan', 'Ferryman Tan', '#b57f5c', 0.74),
  paint('coldcheek', 'Cold Cheek', '#d8a88a', 0.66),
  paint('rawknuckle', 'Raw Knuckle', '#9a5a4a', 0.7),
  paint('fairbrow', 'Fair Brow', '#ecc9ac', 0.56),
  paint('tallow', 'Tallow', '#e2d6b4', 0.6),
  paint('gullwhite', 'Gull White', '#f6f5f0', 0.48),
  paint('heron', 'Heron Grey', '#8c979b', 0.8),
  paint('wetslate', 'Wet Slate', '#4d565b', 0.88),
  paint('coot', 'Coot Black', '#222427', 0.95),
  paint('ottercoat', 'Otter Coat', '#6b6258', 0.84),
  paint('kingfisherwing', 'Kingfisher Wing', '#1f6f8f', 0.52, { owner: 'Club box' }),
  paint('duskwater', 'Dusk Water', '#2b3f5c', 0.76, { owner: 'Club box' }),
  paint('frostpool', 'Frost Pool', '#b4cdd4', 0.54, { owner: 'Club box' }),
  paint('sloe', 'Sloe', '#4b2d58', 0.48, { hidingIsGuess: true }),
  paint('heathersmoke', 'Heather Smoke', '#8a7491', 0.68, { volumeMl: null }),

  paint('helmcopper', 'Helm Copper', '#8f5a38', 0.8, { finish: 'metallic' }),
  paint('polishedhelm', 'Polished Helm', '#cf9468', 0.7, { finish: 'metallic' }),
  paint('lanternbrass', 'Lantern Brass', '#a3843f', 0.74, { finish: 'metallic' }),
  paint('bucklesteel', 'Buckle Steel', '#85888b', 0.82, { finish: 'metallic' }),

  ink('amber', 'Lantern Amber', '#f59a12', 0.05, { finish: 'gloss' }),
  ink('ember', 'Ember Ink', '#e2621a', 0.04, { finish: 'gloss' }),
  ink('bottle', 'Bottle Green', '#7fb893', 0.03, { finish: 'gloss', hidingIsGuess: true }),

  wash('peatwater', 'Peatwater Wash', '#b39270', 0.05),
  wash('rustseep', 'Rust Seep Wash', '#c98a5e', 0.06),
  wash('mosslight', 'Mosslight Wash', '#a3a97c', 0.05),
  wash('inkcap', 'Inkcap Wash', '#8a93a3', 0.05, { hidingIsGuess: true }),
  wash('blushwater', 'Blushwater Wash', '#d2937c', 0.06),

  clear('medium', 'clearwater', 'Clearwater Medium', { volumeMl: 60 }),
  clear('medium', 'slowdew', 'Slow Dew Medium', { notes: 'Keeps a mix open longer.' }),
  clear('varnish', 'stillmatt', 'Still Matt Varnish', { volumeMl: 60 }),
  clear('varnish', 'glasswet', 'Glasswet Gloss Varnish', { finish: 'gloss', volumeMl: 60 }),

  paint('oldmarigold', 'Old Marigold', '#cf9430', 0.4, {
    retired: true,
    volumeMl: 0,
    notes: 'Dried up; the new one is a touch redder.',
  }),
];
