import type { Said } from './meant';

/** Put down when nothing more was to be mended, and read once. */
export const saidNinthly: Said[] = [
  ['basecoat: gate rust, two thin coats', { mix: '1 rust', stage: 'base', coats: 2 }],
  [
    'start with umber everywhere, 1:1 water',
    { mix: '1 umber', tone: ['pit', 'point'], thin: [1, 0] },
  ],
  ['umber 3 parts, rust 1 part, thin to milk', { mix: '3 umber, 1 rust', thin: [1, 0] }],
  ['rust, sponged on, edges and raised', { mix: '1 rust', asks: ['sponged', 'edges and raised'] }],
  [
    'rust stipple around the recesses',
    { mix: '1 rust', technique: 'stipple', tone: ['pit', 'recess'] },
  ],
  ['add 1 yellow to the last mix', { mix: '1 #3, 1 yellow' }],
  ['last mix + 1 yellow + 1 white', { mix: '1 #3, 1 yellow, 1 white' }],
  ['white and yellow 3:1, tiny brush, points', { mix: '3 white, 1 yellow', technique: 'point' }],
  ['violet, 1 part to 6 water', { mix: '1 violet', thin: [6, 0] }],
  ['1 part violet to 6 parts water', { mix: '1 violet', thin: [6, 0] }],
  [
    'violet 1:6 water, 3 passes, shadows only',
    { mix: '1 violet', thin: [6, 0], coats: 3, tone: ['pit', 'shadow'] },
  ],
  [
    'glaze violet from shadow down',
    { mix: '1 violet', technique: 'placedGlaze', tone: ['pit', 'shadow'] },
  ],
  [
    'violet glaze, not in the recesses',
    { mix: '1 violet', technique: 'placedGlaze', tone: ['shadow', 'point'] },
  ],
  ['medium grey layer', { asks: ['medium grey'] }],
  [
    'heron grey layer, two coats, up from the mid tones',
    { mix: '1 bluegrey', technique: 'layer', coats: 2, tone: ['mid', 'point'] },
  ],
  [
    'heron grey with 10% black in the shadows',
    { mix: '90 bluegrey, 10 black', tone: ['pit', 'shadow'] },
  ],
  ['black lining, 1:3 water', { mix: '1 black', technique: 'lining', thin: [3, 0] }],
  ['bone, edge highlight, thinned 2:1', { mix: '1 bone', technique: 'edgeLine', asks: ['2:1'] }],
  ['bone edge highlight on upper edges', { mix: '1 bone', technique: 'edgeLine', asks: ['upper'] }],
  [
    'skin, 2 coats, cheeks excluded',
    { mix: '1 skin', coats: 2, spot: 'cheeks', asks: ['excluded'] },
  ],
  [
    'skin with red 4:1 at the cheeks and a soft edge',
    { mix: '4 skin, 1 red', spot: 'cheeks', softness: [0.08, 0.18] },
  ],
  ['drybrush bone from above', { mix: '1 bone', technique: 'dryBrush', side: 'up' }],
  [
    'drybrush: bone + white half and half, crown up',
    { mix: '1 bone, 1 white', technique: 'dryBrush', tone: ['crown', 'point'] },
  ],
  ['copper neat, raised', { mix: '1 copper', thin: [0, 0], tone: ['raised', 'raised'] }],
  ['wash the copper with sepia', { asks: ['sepia'] }],
  ['sepia wash over the copper', { asks: ['copper'] }],
  [
    'sepia, neat, all over, one pass',
    { mix: '1 sepia', thin: [0, 0], tone: ['pit', 'point'], coats: 1 },
  ],
  [
    'filter plum 1:12 over all of it',
    { mix: '1 plum', technique: 'filter', thin: [12, 0], tone: ['pit', 'point'] },
  ],
  [
    'airbrush white from 45 degrees above',
    { mix: '1 white', technique: 'airbrush', asks: ['from', '45 degrees', 'above'] },
  ],
  [
    'airbrush white 1:1, lit side, 2 passes',
    { mix: '1 white', technique: 'airbrush', thin: [1, 0], side: 'light', coats: 2 },
  ],
  ['same mix, twice as much water', { mix: '1 #3', thin: [2, 0] }],
  ['same mix 1:2, edges', { mix: '1 #3', thin: [2, 0], technique: 'edgeLine' }],
  ['as line 1 but one coat', { mix: '3 ochre, 1 umber', coats: 1 }],
  ['line 1 + line 3, half each', { mix: '1 #1, 1 #3' }],
  ['2 line 1 + 1 line 3', { mix: '2 #1, 1 #3' }],
  ['green 1:1 water then wait 10 minutes', { mix: '1 green', thin: [1, 0], dry: 10 }],
  [
    'green, two coats with 15 min between',
    { mix: '1 green', coats: 2, asks: ['15 min', 'between'] },
  ],
  ['green, table and up', { mix: '1 green', level: 'table' }],
  ['green, strokes along the grain', { mix: '1 green' }],
  ['reedmat over everything, matt', { mix: '1 varnish', tone: ['pit', 'point'], asks: ['matt'] }],
];
