import type { Said } from './meant';

/** Put down last, and read as it stood: of any kind. */
export const saidEighthly: Said[] = [
  ['heron blue all over, twice', { mix: '1 blue', tone: ['pit', 'point'], coats: 2 }],
  ['give everything two coats of heron blue', { mix: '1 blue', tone: ['pit', 'point'], coats: 2 }],
  ['paint the raised parts heron grey', { mix: '1 bluegrey', tone: ['raised', 'raised'] }],
  [
    'heron blue and heron grey 2:1, from mid up',
    { mix: '2 blue, 1 bluegrey', tone: ['mid', 'point'] },
  ],
  [
    'two parts heron blue, one part heron grey, mid up, soft',
    { mix: '2 blue, 1 bluegrey', tone: ['mid', 'point'], softness: [0.08, 0.18] },
  ],
  [
    'heron grey with a touch of white, raised to edge',
    { mix: '1 bluegrey, 0.25 white', tone: ['raised', 'edge'] },
  ],
  ['heron grey into white 1:1, crown', { mix: '1 bluegrey, 1 white', tone: ['crown', 'crown'] }],
  ['white thinned half and half with water', { mix: '1 white', thin: [1, 0] }],
  ['white, thinned a bit, edges', { mix: '1 white', asks: ['a bit'] }],
  ['a little white on the points', { tone: ['point', 'point'], asks: ['a little'] }],
  [
    'glaze: heron blue 1:8, shadows, 3x',
    { mix: '1 blue', stage: 'glaze', thin: [8, 0], tone: ['pit', 'shadow'], coats: 3 },
  ],
  [
    'heron blue glaze over the mids and shadows',
    { mix: '1 blue', technique: 'placedGlaze', tone: ['pit', 'mid'] },
  ],
  [
    'one glaze of barn red over everything at 1:10',
    { mix: '1 red', technique: 'placedGlaze', coats: 1, tone: ['pit', 'point'], thin: [10, 0] },
  ],
  [
    'barn red glaze on the underside only, 1:8 with medium',
    { mix: '1 red', technique: 'placedGlaze', side: 'down', thin: [0, 8] },
  ],
  [
    'recess wash with sepia and bog wash, 1:1',
    { mix: '1 sepia, 1 bogwash', technique: 'recessWash' },
  ],
  [
    'sepia and bog wash in equal parts, recesses',
    { mix: '1 sepia, 1 bogwash', tone: ['pit', 'recess'] },
  ],
  [
    'bog wash thinned one to one with medium, all over',
    { mix: '1 bogwash', thin: [0, 1], tone: ['pit', 'point'] },
  ],
  [
    'black and umber 1:1, thinned 1:5, lining',
    { mix: '1 black, 1 umber', thin: [5, 0], technique: 'lining' },
  ],
  ['lining: peat black', { mix: '1 black', technique: 'lining' }],
  [
    'outline in peat black, fine brush',
    { mix: '1 black', technique: 'lining', asks: ['fine', 'brush'] },
  ],
  ['clean up with barn red', { mix: '1 red', asks: ['clean', 'up'] }],
  ['tidy up the edges with barn red neat', { mix: '1 red', tone: ['edge', 'edge'], thin: [0, 0] }],
  [
    'redo the raised parts in redshank',
    { mix: '1 redshank', tone: ['raised', 'raised'], asks: ['redo'] },
  ],
  ['redshank to bring the colour back', { mix: '1 redshank', asks: ['to', 'bring the colour'] }],
  ['redshank 2 old bone 1 water 1', { mix: '2 redshank, 1 bone', thin: [1 / 3, 0] }],
  ['redshank, old bone 2:1', { mix: '2 redshank, 1 bone' }],
  ['2:1 redshank and old bone, like milk', { mix: '2 redshank, 1 bone', thin: [1, 0] }],
  ['add a part of bone', { mix: '1 #3, 1 bone' }],
  ['add bone until it is pale', { asks: ['add bone', 'until', 'pale'] }],
  ['add another part bone to the mix', { mix: '1 #3, 1 bone' }],
  ['mix from line 1, plus two parts bone', { mix: '1 #1, 2 bone' }],
  ['line 1 with bone 1:1, edges', { mix: '1 #1, 1 bone', technique: 'edgeLine' }],
  ['bone added to line 1, one to one', { mix: '1 #1, 1 bone' }],
  ['the same as line 2 on the left', { mix: '1 sepia', technique: 'recessWash', side: 'left' }],
  ['line 2 once more', { coats: 1, asks: ['more'] }],
  ['drybrush eel steel then helm copper', { asks: ['then', 'helm copper'] }],
  [
    'eel steel drybrush on edges and points',
    { mix: '1 steel', technique: 'dryBrush', tone: ['edge', 'point'] },
  ],
  ['eel steel, neat, filbert', { mix: '1 steel', thin: [0, 0], asks: ['filbert'] }],
  ['eel steel base, one to two coats', { mix: '1 steel', stage: 'base', coats: 1, upTo: 2 }],
  ['base eel steel until it covers', { mix: '1 steel', stage: 'base' }],
  [
    'gate rust stippled lightly on the lower parts',
    { mix: '1 rust', technique: 'stipple', asks: ['lightly', 'lower', 'parts'] },
  ],
  ['stippling with rust and umber, half each', { mix: '1 rust, 1 umber', technique: 'stipple' }],
  ['wet blend bone into the mids', { mix: '1 bone', technique: 'wetBlend', tone: ['mid', 'mid'] }],
  ['spots: red on cheeks', { mix: '1 red', spot: 'cheeks', asks: ['spots'] }],
  [
    'ferryman skin + old bone, 3 to 1, tip of the nose, soft',
    { mix: '3 skin, 1 bone', spot: 'nose', softness: [0.08, 0.18] },
  ],
  [
    'airbrush lampsoot primer from below at an angle',
    { mix: '1 primer', technique: 'airbrush', side: 'down', asks: ['angle'] },
  ],
  [
    'airbrush 1:1 heron blue, 3 passes, from above, soft',
    {
      mix: '1 blue',
      technique: 'airbrush',
      thin: [1, 0],
      coats: 3,
      side: 'up',
      softness: [0.08, 0.18],
    },
  ],
  [
    'filter: bog wash over everything, thinned 1:3',
    { mix: '1 bogwash', technique: 'filter', tone: ['pit', 'point'], thin: [3, 0] },
  ],
  [
    'display only: 4 glazes of violet in the deepest shadows, 1:9',
    {
      mix: '1 violet',
      technique: 'placedGlaze',
      level: 'display',
      coats: 4,
      thin: [9, 0],
      tone: ['pit', 'pit'],
    },
  ],
  [
    'violet, 1:9, 4 passes, wait 10 min between passes',
    { mix: '1 violet', thin: [9, 0], coats: 4, dry: 10, asks: ['between', 'passes'] },
  ],
  ['violet 1:9 x4, dry 10 min', { mix: '1 violet', thin: [9, 0], coats: 4, dry: 10 }],
  [
    'oilskin yellow + chalk white 2:1, brush size small, edges',
    { mix: '2 yellow, 1 white', technique: 'edgeLine' },
  ],
  [
    'yellow highlights on crown and edge',
    { mix: '1 yellow', stage: 'highlight', tone: ['crown', 'edge'] },
  ],
  [
    'highlight the edges with yellow and white, 1:1',
    { mix: '1 yellow, 1 white', stage: 'highlight', tone: ['edge', 'edge'] },
  ],
  [
    'shade the recesses with umber and black, 2:1, one part water',
    { mix: '2 umber, 1 black', stage: 'shade', tone: ['pit', 'recess'], thin: [1 / 3, 0] },
  ],
  ['shade umber 3 black 1', { mix: '3 umber, 1 black', stage: 'shade' }],
  ['gull 2 and white, 1:1', { mix: '1 gull, 1 white' }],
  ['dry sand drybrush', { technique: 'dryBrush', asks: ['dry sand'] }],
  ['varnish with reedmat, sprayed, 2 coats', { mix: '1 varnish', technique: 'spray', coats: 2 }],
  ['note "do the cloak first", bone', { mix: '1 bone' }],
];
