import type { Pot, PotKind } from '../../written/pot/pot';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { potWith } from '../sampleRecipe';

type Row = [id: string, swatch: string, hiding: number, more?: Partial<Pot>];

const all = (kind: PotKind, rows: Row[], common: Partial<Pot> = {}): Pot[] =>
  rows.map(([id, swatch, hiding, more]) =>
    potWith({ id, swatch, hiding, kind, ...common, ...more }),
  );

/** The shelf good painters paint from in the corpus: ordinary pots with ordinary hiding. */
export const practicePots: Pot[] = [
  ...all('primer', [
    ['soot', '#1b1b1d', 0.97],
    ['drizzle', '#b9bcba', 0.95],
    ['chalk', '#efeee9', 0.9],
    ['bogoak', '#4b3626', 0.96],
    ['slateprime', '#5a6064', 0.96],
  ]),
  ...all('paint', [
    ['black', '#222427', 0.95],
    ['white', '#f6f5f0', 0.48],
    ['bone', '#ddd0a8', 0.62],
    ['cream', '#f3e6ae', 0.42],
    ['tallow', '#e2d6b4', 0.6],
    ['palegrey', '#b9c0c2', 0.7],
    ['midgrey', '#8c979b', 0.8],
    ['slate', '#4d565b', 0.88],
    ['warmgrey', '#8b8378', 0.8],
    ['otter', '#6b6258', 0.84],
    ['coldblue', '#b4cdd4', 0.54],
    ['peat', '#33261d', 0.92],
    ['umber', '#5b4128', 0.86],
    ['plank', '#4a3020', 0.9],
    ['bark', '#6e5238', 0.84],
    ['ochre', '#a8702a', 0.78],
    ['rust', '#9b5527', 0.72],
    ['tan', '#b57f5c', 0.74],
    ['straw', '#b3a062', 0.66],
    ['dryreed', '#d3c796', 0.58],
    ['marigold', '#d99a1f', 0.42],
    ['yellow', '#e9b91d', 0.26],
    ['pollen', '#f0d468', 0.34],
    ['orange', '#d8651c', 0.4],
    ['wine', '#5c1620', 0.8],
    ['red', '#a6322b', 0.55],
    ['scarlet', '#c63a22', 0.42],
    ['pink', '#d98a8a', 0.6],
    ['brick', '#8a4634', 0.78],
    ['knuckle', '#9a5a4a', 0.7],
    ['cheek', '#d8a88a', 0.66],
    ['brow', '#ecc9ac', 0.56],
    ['forest', '#23452c', 0.85],
    ['green', '#2c6b3a', 0.7],
    ['sedge', '#66713a', 0.7],
    ['duckweed', '#8fa33b', 0.5],
    ['deadflesh', '#a9ad7f', 0.66],
    ['teal', '#1f6f6a', 0.6],
    ['navy', '#22304f', 0.82],
    ['blue', '#1f4fa3', 0.6],
    ['sky', '#6f9fc9', 0.62],
    ['violet', '#4b2d68', 0.55],
    ['heather', '#8a7491', 0.68],
    ['lilac', '#b79fc4', 0.62],
    ['driedup', '#a8702b', 0.78, { volumeMl: 0 }],
    ['givenaway', '#2c6b3b', 0.7, { retired: true }],
  ]),
  ...all(
    'paint',
    [
      ['steel', '#85888b', 0.82],
      ['darksteel', '#4f5254', 0.88],
      ['silver', '#c9cccf', 0.7],
      ['brass', '#a3843f', 0.74],
      ['gold', '#c9a04a', 0.66],
      ['copper', '#8f5a38', 0.8],
      ['polished', '#cf9468', 0.7],
    ],
    { finish: 'metallic' },
  ),
  ...all(
    'ink',
    [
      ['amberink', '#b9560e', 0.05],
      ['redink', '#8d1212', 0.05],
      ['blueink', '#123a8c', 0.05],
      ['greenink', '#0f5a2a', 0.05],
      ['violetink', '#3f1760', 0.05],
      ['yellowink', '#e0a010', 0.06],
      ['tealink', '#0c6464', 0.05],
    ],
    { flow: 'thin', finish: 'gloss' },
  ),
  ...all(
    'wash',
    [
      ['brownwash', '#3a2412', 0.05],
      ['sepiawash', '#4d3316', 0.05],
      ['blackwash', '#141518', 0.06],
      ['redwash', '#6a2016', 0.06],
      ['violetwash', '#38184a', 0.05],
      ['greenwash', '#22361c', 0.05],
      ['bluewash', '#14284c', 0.05],
      ['fleshwash', '#6a2c1e', 0.06],
    ],
    { flow: 'thin' },
  ),
  ...all('medium', [['medium', '#f4f4f0', 0]]),
  ...all('varnish', [
    ['matt', '#f4f4f0', 0],
    ['satin', '#f4f4f0', 0, { finish: 'satin' }],
    ['gloss', '#f4f4f0', 0, { finish: 'gloss' }],
  ]),
];

export const practiceShelf = shelfOf(practicePots);
