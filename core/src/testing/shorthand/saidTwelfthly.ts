import type { Said } from './meant';

/** Put down last of all, of any kind. */
export const saidTwelfthly: Said[] = [
  ['sedge green base coat, thinned to milk, 2 coats', { mix: '1 green', thin: [1, 0], coats: 2 }],
  ['sedge green basecoat in 2 thin coats', { mix: '1 green', coats: 2 }],
  [
    'shade with sedge green and black 3:1 in the shadows',
    { mix: '3 green, 1 black', stage: 'shade', tone: ['pit', 'shadow'] },
  ],
  [
    'wash black 1:8 into the recesses, let dry',
    { mix: '1 black', technique: 'recessWash', thin: [8, 0], tone: ['pit', 'recess'] },
  ],
  [
    'relayer sedge green from mid up',
    { mix: '1 green', tone: ['mid', 'point'], asks: ['relayer'] },
  ],
  [
    'layer up with sedge green + bone 2:1, raised',
    { mix: '2 green, 1 bone', technique: 'layer', tone: ['raised', 'raised'] },
  ],
  ['same with equal bone, crown', { tone: ['crown', 'crown'], asks: ['same', 'equal bone'] }],
  [
    'sedge green + bone 1:1, crown, two thin coats, soft',
    { mix: '1 green, 1 bone', tone: ['crown', 'crown'], coats: 2, softness: [0.08, 0.18] },
  ],
  [
    'sedge green + bone 1:2 on the very edges',
    { mix: '1 green, 2 bone', technique: 'edgeLine', asks: ['very'] },
  ],
  [
    'last highlight: bone on the points',
    { mix: '1 bone', stage: 'highlight', tone: ['point', 'point'] },
  ],
  [
    'glaze of sedge green 1:6 to tie it together',
    { mix: '1 green', technique: 'placedGlaze', thin: [6, 0], asks: ['to', 'tie', 'together'] },
  ],
  [
    'unify with a green glaze, one to ten, all over',
    {
      mix: '1 green',
      technique: 'placedGlaze',
      thin: [10, 0],
      tone: ['pit', 'point'],
      asks: ['unify'],
    },
  ],
  ['sepia in the folds', { mix: '1 sepia', asks: ['folds'] }],
  [
    'sepia into the shadows and recesses, one pass',
    { mix: '1 sepia', tone: ['pit', 'shadow'], coats: 1 },
  ],
  [
    'bog wash 1 part, medium 2 parts, everywhere',
    { mix: '1 bogwash', thin: [0, 2], tone: ['pit', 'point'] },
  ],
  ['bog wash with two parts medium', { mix: '1 bogwash', thin: [0, 2] }],
  ['bog wash straight', { mix: '1 bogwash', thin: [0, 0] }],
  ['ferryman skin, smooth, 2 coats', { mix: '1 skin', coats: 2, thin: [0.5, 0] }],
  ['ferryman skin with a touch of barn red, cheeks', { mix: '1 skin, 0.25 red', spot: 'cheeks' }],
  [
    'barn red glaze 1:10 on the tip of the nose and the cheeks',
    { mix: '1 red', technique: 'placedGlaze', thin: [10, 0], spot: 'nose', asks: ['cheeks'] },
  ],
  ['steel base, sepia wash, steel drybrush', { asks: ['sepia', 'drybrush'] }],
  [
    'eel steel + peat black 1:1, base, one coat',
    { mix: '1 steel, 1 black', stage: 'base', coats: 1 },
  ],
  [
    'drybrush steel, crown and edge',
    { mix: '1 steel', technique: 'dryBrush', tone: ['crown', 'edge'] },
  ],
  ['chalk white dots where the light hits', { mix: '1 white', technique: 'point', side: 'light' }],
  ['copper with sepia glaze', { asks: ['sepia'] }],
  ['umber lines, 1:1, drawn down', { mix: '1 umber', thin: [1, 0], pull: 'down', asks: ['lines'] }],
  [
    'umber stippled over raised and crown with the sponge',
    { mix: '1 umber', technique: 'stipple', tone: ['raised', 'crown'] },
  ],
  ['3 ochre : 1 umber : 1 bone', { mix: '3 ochre, 1 umber, 1 bone' }],
  ['ochre:umber:bone 3:1:1', { mix: '3 ochre, 1 umber, 1 bone' }],
  ['ochre umber bone', { asks: ['umber', 'bone'] }],
  ['ochre, umber & bone in equal parts', { mix: '1 ochre, 1 umber, 1 bone' }],
  ['four parts ochre, one part umber, five parts water', { mix: '4 ochre, 1 umber', thin: [1, 0] }],
  ['4 ochre + 1 umber, thinned 1:1', { mix: '4 ochre, 1 umber', thin: [1, 0] }],
  ['4 ochre + 1 umber (1:1 with water)', { mix: '4 ochre, 1 umber', thin: [1, 0] }],
  [
    'ochre from shadow to raised, very soft at both ends',
    { mix: '1 ochre', tone: ['shadow', 'raised'], softness: [0.18, 0.3], asks: ['both'] },
  ],
  ['ochre up to raised', { mix: '1 ochre', asks: ['up to'] }],
  ['ochre below mid, soft', { mix: '1 ochre', tone: ['pit', 'mid'], softness: [0.08, 0.18] }],
  ['ochre down to the recesses', { mix: '1 ochre', asks: ['down', 'to'] }],
  ['ochre not below shadow', { mix: '1 ochre', asks: ['not'] }],
  ['ochre, avoid the pits', { mix: '1 ochre', tone: ['recess', 'point'] }],
  [
    'mist yellow from above, one pass',
    { mix: '1 yellow', technique: 'mist', side: 'up', coats: 1 },
  ],
  [
    'spray lampsoot, two coats, 20 min apart',
    { mix: '1 primer', technique: 'spray', coats: 2, asks: ['20', 'min', 'apart'] },
  ],
  [
    'for display, glaze plum 1:8 x3',
    { mix: '1 plum', technique: 'placedGlaze', level: 'display', thin: [8, 0], coats: 3 },
  ],
  ['skip at table: plum glaze', { mix: '1 plum', technique: 'placedGlaze', asks: ['skip'] }],
  ['flat brush, ochre, along the grain', { mix: '1 ochre' }],
  ['ochre brushed on, large brush', { mix: '1 ochre', technique: 'brushCoat' }],
  ['ochre, dry completely', { mix: '1 ochre', dry: 0 }],
  ['ochre, dries 1 hour', { mix: '1 ochre', dry: 60 }],
  ['matt', { asks: ['matt'] }],
  ['', {}],
];
