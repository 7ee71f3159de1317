import type { Said } from './meant';

/** Put down as somebody would who only knows what the field is for. */
export const saidTenthly: Said[] = [
  [
    '2 ochre 1 umber, thin as milk, 2 coats, shadows up',
    { mix: '2 ochre, 1 umber', thin: [1, 0], coats: 2, tone: ['shadow', 'point'] },
  ],
  ['ochre twice over, neat', { mix: '1 ochre', coats: 2, thin: [0, 0] }],
  ['ochre, half water half medium', { mix: '1 ochre', thin: [0.5, 0.5] }],
  ['ochre, half and half water and medium', { mix: '1 ochre', asks: ['water', 'medium'] }],
  ['ochre, third water', { mix: '1 ochre', thin: [1 / 3, 0] }],
  ['ochre with an equal part of water', { mix: '1 ochre', thin: [1, 0] }],
  ['ochre cut with water 1:2', { mix: '1 ochre', thin: [2, 0] }],
  ['ochre, one part water, one part medium', { mix: '1 ochre', thin: [1, 1] }],
  ['1 ochre 2 water', { mix: '1 ochre', thin: [2, 0] }],
  ['1 ochre + 2 water + 1 medium', { mix: '1 ochre', thin: [2, 1] }],
  [
    '2 ochre + 1 umber + 1 water, layer, mid to raised',
    { mix: '2 ochre, 1 umber', thin: [1 / 3, 0], technique: 'layer', tone: ['mid', 'raised'] },
  ],
  ['ochre and umber, two parts to one', { mix: '2 ochre, 1 umber' }],
  ['twice as much ochre as umber', { mix: '2 ochre, 1 umber' }],
  ['ochre with half as much umber', { mix: '1 ochre, 0.5 umber' }],
  ['ochre with the same amount of umber', { mix: '1 ochre, 1 umber' }],
  ['mostly ochre, a bit of umber', { mix: '1 ochre, 0.25 umber', asks: ['mostly'] }],
  ['one third ochre two thirds umber', { mix: `${1 / 3} ochre, ${2 / 3} umber` }],
  ['line 3 + half bone, a bit higher', { mix: '1 #3, 0.5 bone', asks: ['higher'] }],
  [
    'mix of line 3 plus a third bone, raised up',
    { mix: `1 #3, ${1 / 3} bone`, tone: ['raised', 'point'] },
  ],
  ['same plus a bit more bone', { mix: '1 #3, 0.25 bone', asks: ['same'] }],
  ['a bit more bone, from raised up', { mix: '1 #3, 0.25 bone', tone: ['raised', 'point'] }],
  ['a bit more bone again, crown up', { mix: '1 #3, 0.25 bone', tone: ['crown', 'point'] }],
  ['more bone, edges', { asks: ['more'] }],
  [
    'pure bone, edges, sharp',
    { mix: '1 bone', thin: [0, 0], technique: 'edgeLine', softness: [0, 0.02] },
  ],
  [
    'bone, dots on the points, neat',
    { mix: '1 bone', technique: 'point', thin: [0, 0], tone: ['point', 'point'] },
  ],
  ['bone dots', { mix: '1 bone', technique: 'point' }],
  [
    'single dot of bone on the tip of the nose',
    { mix: '1 bone', technique: 'point', spot: 'nose', asks: ['single'] },
  ],
  [
    'wash of sepia, recesses, 1:1 with medium',
    { mix: '1 sepia', technique: 'recessWash', thin: [0, 1], tone: ['pit', 'recess'] },
  ],
  [
    'sepia wash 1:1 medium over everything',
    { mix: '1 sepia', technique: 'allOverWash', thin: [0, 1], tone: ['pit', 'point'] },
  ],
  [
    'sepia, pit to shadow, wash',
    { mix: '1 sepia', tone: ['pit', 'shadow'], technique: 'recessWash' },
  ],
  ['sepia wash underside only', { mix: '1 sepia', technique: 'allOverWash', side: 'down' }],
  [
    'red glaze 1:8 x4 underside',
    { mix: '1 red', technique: 'placedGlaze', thin: [8, 0], coats: 4, side: 'down' },
  ],
  [
    'glaze: red, eight parts water, four passes, underside',
    { mix: '1 red', stage: 'glaze', thin: [8, 0], coats: 4, side: 'down' },
  ],
  [
    'glaze with red 1 to 8, four times, from below',
    { mix: '1 red', technique: 'placedGlaze', thin: [8, 0], coats: 4, side: 'down' },
  ],
  [
    'red, glaze consistency, shadows',
    { mix: '1 red', technique: 'placedGlaze', tone: ['pit', 'shadow'] },
  ],
  [
    'red at 1:8, in four passes on the undersides',
    { mix: '1 red', thin: [8, 0], coats: 4, side: 'down' },
  ],
  [
    'stipple blue over the edge of the shadow',
    { mix: '1 blue', technique: 'stipple', asks: ['shadow'] },
  ],
  [
    'blue, shadow to mid, feathered',
    { mix: '1 blue', tone: ['shadow', 'mid'], asks: ['feathered'] },
  ],
  ['blue, mid, very soft, up', { mix: '1 blue', softness: [0.18, 0.3], asks: ['up'] }],
  ['blue from the recesses to the crown', { mix: '1 blue', tone: ['recess', 'crown'] }],
  ['blue: 2 coats; white: edges', { coats: 2, asks: ['white'] }],
  [
    'drybrush white on everything raised',
    { mix: '1 white', technique: 'dryBrush', asks: ['raised'] },
  ],
  [
    'drybrush white, raised and up',
    { mix: '1 white', technique: 'dryBrush', tone: ['raised', 'point'] },
  ],
  ['table: edge line bone', { mix: '1 bone', level: 'table', technique: 'edgeLine' }],
  ['varnish', { mix: '1 varnish' }],
  ['primer, lampsoot, spray', { mix: '1 primer', technique: 'spray' }],
  ['undercoat black', { mix: '1 black', asks: ['undercoat'] }],
  ['black undercoat', { mix: '1 black', asks: ['undercoat'] }],
  ['zap it with white', { mix: '1 white', asks: ['zap'] }],
  ['heron', { asks: ['heron'] }],
];
