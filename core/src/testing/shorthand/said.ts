import type { AimSide } from '../../place/aim';
import type { ToneStopName } from '../../place/toneAxis';
import type { FinishLevel, Stage } from '../../recipe/step';
import type { TechniqueName } from '../../recipe/techniques';

/** What a sentence of a painter means, as far as it says so. */
export interface Meant {
  /** `3 ochre, 1 umber`: pots by identifier, `#2` for the mix of line 2 */
  mix?: string;
  /** water and medium to 1 part of paint */
  thin?: [water: number, medium: number];
  coats?: number;
  upTo?: number;
  technique?: TechniqueName;
  stage?: Stage;
  /** tone, by the names of stops; from 0 to 1 where it is everywhere */
  tone?: [ToneStopName, ToneStopName];
  softness?: [least: number, most: number];
  pull?: 'down' | 'even' | 'up';
  side?: AimSide;
  spot?: string;
  level?: FinishLevel;
  dry?: number;
  /** words that are to be asked about or marked: guessing at them would be wrong */
  asks?: string[];
}

export type Said = [sentence: string, meant: Meant];

const third = 1 / 3;

/** Sentences about paint in the brush: what is mixed, how it is thinned, how often it goes on. */
export const saidOfMixes: Said[] = [
  [
    '2 ochre + 1 umber, half water, 2 coats, layer, raised up, soft',
    {
      mix: '2 ochre, 1 umber',
      thin: [0.5, 0],
      coats: 2,
      technique: 'layer',
      tone: ['raised', 'point'],
      softness: [0.08, 0.18],
    },
  ],
  ['line 3 + a third bone', { mix: `1 #3, ${third} bone` }],
  ['wash sepia 1:1 medium recesses', { mix: '1 sepia', thin: [0, 1], technique: 'recessWash' }],
  [
    'glaze red 1:8 ×4 underside',
    { mix: '1 red', thin: [8, 0], coats: 4, technique: 'placedGlaze', side: 'down' },
  ],
  ['ochre', { mix: '1 ochre' }],
  ['ochre and umber', { mix: '1 ochre, 1 umber' }],
  ['ochre + umber half and half', { mix: '1 ochre, 1 umber' }],
  ['half and half ochre and bone', { mix: '1 ochre, 1 bone' }],
  ['two to one ochre and bone', { mix: '2 ochre, 1 bone' }],
  ['ochre and bone 2:1', { mix: '2 ochre, 1 bone' }],
  ['ochre bone 3:1', { mix: '3 ochre, 1 bone' }],
  ['3:1 ochre to bone', { mix: '3 ochre, 1 bone' }],
  ['ochre:bone 3:1', { mix: '3 ochre, 1 bone' }],
  ['1 part ochre, 2 parts bone', { mix: '1 ochre, 2 bone' }],
  ['one part ochre to two parts bone', { mix: '1 ochre, 2 bone' }],
  ['ochre 2 parts, bone 1 part', { mix: '2 ochre, 1 bone' }],
  ['ochre x2 + bone x1', { mix: '2 ochre, 1 bone' }],
  ['3 drops ochre 1 drop umber', { mix: '3 ochre, 1 umber' }],
  ['2 of line 3 + 1 bone', { mix: '2 #3, 1 bone' }],
  ['2 parts of line 1 and one bone', { mix: '2 #1, 1 bone' }],
  ['the mix of line 1', { mix: '1 #1' }],
  ['same mix as line 3', { mix: '1 #3' }],
  ['mix from line 1 with as much bone again', { mix: '1 #1, 1 bone' }],
  ['line 3 plus half bone', { mix: '1 #3, 0.5 bone' }],
  ['line 3 + a quarter white', { mix: '1 #3, 0.25 white' }],
  ['line 3 with a bit of bone', { mix: '1 #3, 0.25 bone' }],
  ['a bit more bone', { mix: '1 #3, 0.25 bone' }],
  ['same again with a bit more bone', { mix: '1 #3, 0.25 bone' }],
  ['add bone to the last mix 1:1', { mix: '1 #3, 1 bone' }],
  ['the mix above + 1 bone', { mix: '1 #3, 1 bone' }],
  ['previous mix + 2 white', { mix: '1 #3, 2 white' }],
  ['bone neat', { mix: '1 bone', thin: [0, 0] }],
  ['bone straight from the pot', { mix: '1 bone', thin: [0, 0] }],
  ['bone undiluted, dots', { mix: '1 bone', thin: [0, 0], technique: 'point' }],
  ['red thinned 1:2 with water', { mix: '1 red', thin: [2, 0] }],
  ['red 1 paint : 2 water', { mix: '1 red', thin: [2, 0] }],
  ['red, 1 paint to 2 water', { mix: '1 red', thin: [2, 0] }],
  ['red, 2 water', { mix: '1 red', thin: [2, 0] }],
  ['red + 2 parts water', { mix: '1 red', thin: [2, 0] }],
  ['red, two parts of water to one of paint', { mix: '1 red', thin: [2, 0] }],
  ['red, water 2:1', { mix: '1 red', asks: ['2:1'] }],
  ['red 8:1', { mix: '1 red', asks: ['8:1'] }],
  ['red, equal water', { mix: '1 red', thin: [1, 0] }],
  ['red, half and half with water', { mix: '1 red', thin: [1, 0] }],
  ['red, same amount of water', { mix: '1 red', thin: [1, 0] }],
  ['red 1:1', { mix: '1 red', thin: [1, 0] }],
  ['red, ½ water', { mix: '1 red', thin: [0.5, 0] }],
  ['red, 1½ water', { mix: '1 red', thin: [1.5, 0] }],
  ['red, 1/2 water', { mix: '1 red', thin: [0.5, 0] }],
  ['red, 0.5 water', { mix: '1 red', thin: [0.5, 0] }],
  ['red, 0,5 water', { mix: '1 red', thin: [0.5, 0] }],
  ['red, 1 water 1 medium', { mix: '1 red', thin: [1, 1] }],
  ['red, 1:1:2 water medium', { mix: '1 red', thin: [1, 2] }],
  ['red with 4 medium', { mix: '1 red', thin: [0, 4] }],
  ['red, 1 to 6 medium', { mix: '1 red', thin: [0, 6] }],
  ['red like milk', { mix: '1 red', thin: [1, 0] }],
  ['red, milk', { mix: '1 red', thin: [1, 0] }],
  ['red, consistency of milk', { mix: '1 red', thin: [1, 0] }],
  ['red, a bit more water', { mix: '1 red', thin: [1.25, 0] }],
  ['red, no water', { mix: '1 red', thin: [0, 0] }],
  ['red twice', { mix: '1 red', coats: 2 }],
  ['red, three thin coats', { mix: '1 red', coats: 3, asks: ['thin'] }],
  ['red, 2 coats', { mix: '1 red', coats: 2 }],
  ['red two coats', { mix: '1 red', coats: 2 }],
  ['red 2x', { mix: '1 red', coats: 2 }],
  ['red ×3', { mix: '1 red', coats: 3 }],
  ['red once', { mix: '1 red', coats: 1 }],
  ['red 3 times', { mix: '1 red', coats: 3 }],
  ['red, two or three coats', { mix: '1 red', coats: 2, upTo: 3 }],
  ['red, 2-3 coats', { mix: '1 red', coats: 2, upTo: 3 }],
  ['red, 2 to 4 coats until even', { mix: '1 red', coats: 2, upTo: 4 }],
  ['red, a couple of coats', { mix: '1 red', coats: 2 }],
  ['red, 4 passes', { mix: '1 red', coats: 4 }],
  ['red in one coat', { mix: '1 red', coats: 1 }],
  ['red, 1 coat, dry 20 min', { mix: '1 red', coats: 1, dry: 20 }],
  ['red, let it dry 30 minutes', { mix: '1 red', dry: 30 }],
  ['red, wait half an hour', { mix: '1 red', dry: 30 }],
  ['red, dry for 2 hours', { mix: '1 red', dry: 120 }],
  ['gull 2', { mix: '1 gull' }],
  ['2 gull 2 + 1 bone', { mix: '2 gull, 1 bone' }],
  ['3 "Ditch Ochre" + 1 "Old Bone"', { mix: '3 ochre, 1 bone' }],
  ['Ditch Ochre and Old Bone 1:1', { mix: '1 ochre, 1 bone' }],
  ['DITCH OCHRE', { mix: '1 ochre' }],
  ['ditch', { mix: '1 ochre' }],
  ['ochr', { mix: '1 ochre' }],
];

/** Sentences about how and where it goes on. */
export const saidOfPlaces: Said[] = [
  ['base ochre, 2 coats', { stage: 'base', technique: 'brushCoat', mix: '1 ochre', coats: 2 }],
  ['basecoat ochre', { stage: 'base', technique: 'brushCoat', mix: '1 ochre' }],
  [
    'base coat of ochre 1:1 all over',
    { stage: 'base', technique: 'brushCoat', mix: '1 ochre', thin: [1, 0], tone: ['pit', 'point'] },
  ],
  ['prime lampsoot', { stage: 'prime', mix: '1 primer' }],
  ['spray primer', { technique: 'spray', mix: '1 primer' }],
  ['spray lampsoot from above', { technique: 'sprayFromAbove', mix: '1 primer' }],
  ['airbrush bone from above', { technique: 'airbrush', mix: '1 bone', side: 'up' }],
  ['layer bone mid up', { technique: 'layer', mix: '1 bone', tone: ['mid', 'point'] }],
  ['layer bone from mid up', { technique: 'layer', mix: '1 bone', tone: ['mid', 'point'] }],
  ['layer bone mid and up', { technique: 'layer', mix: '1 bone', tone: ['mid', 'point'] }],
  ['bone, crown up', { mix: '1 bone', tone: ['crown', 'point'] }],
  ['bone, crown to edge', { mix: '1 bone', tone: ['crown', 'edge'] }],
  ['bone from raised to crown', { mix: '1 bone', tone: ['raised', 'crown'] }],
  ['umber shadow down', { mix: '1 umber', tone: ['pit', 'shadow'] }],
  ['umber from shadow down', { mix: '1 umber', tone: ['pit', 'shadow'] }],
  ['umber into the recesses', { mix: '1 umber', tone: ['pit', 'recess'] }],
  ['umber recesses only', { mix: '1 umber', tone: ['pit', 'recess'] }],
  ['umber everywhere', { mix: '1 umber', tone: ['pit', 'point'] }],
  ['umber all over', { mix: '1 umber', tone: ['pit', 'point'] }],
  ['highlight bone', { stage: 'highlight', mix: '1 bone' }],
  [
    'last highlight white on the points',
    { stage: 'highlight', mix: '1 white', tone: ['point', 'point'], asks: ['last'] },
  ],
  ['edge highlight bone', { stage: 'highlight', technique: 'edgeLine', mix: '1 bone' }],
  ['edges bone neat', { technique: 'edgeLine', mix: '1 bone', thin: [0, 0] }],
  ['bone, edge line', { technique: 'edgeLine', mix: '1 bone' }],
  ['dots of white', { technique: 'point', mix: '1 white' }],
  ['dot white', { technique: 'point', mix: '1 white' }],
  ['white points', { technique: 'point', mix: '1 white' }],
  ['line the recesses black', { technique: 'lining', mix: '1 black' }],
  ['lining peat black', { technique: 'lining', mix: '1 black' }],
  [
    'stipple bone on the raised',
    { technique: 'stipple', mix: '1 bone', tone: ['raised', 'raised'] },
  ],
  ['stippled bone', { technique: 'stipple', mix: '1 bone' }],
  ['drybrush bone', { technique: 'dryBrush', mix: '1 bone' }],
  [
    'dry brush bone over everything',
    { technique: 'dryBrush', mix: '1 bone', tone: ['pit', 'point'] },
  ],
  [
    'drybrushed bone, raised up',
    { technique: 'dryBrush', mix: '1 bone', tone: ['raised', 'point'] },
  ],
  ['filter plum 1:10', { technique: 'filter', mix: '1 plum', thin: [10, 0] }],
  ['plum filter over everything', { technique: 'filter', mix: '1 plum', tone: ['pit', 'point'] }],
  [
    'glaze plum 1:6 medium into the shadows',
    { technique: 'placedGlaze', mix: '1 plum', thin: [0, 6], tone: ['pit', 'shadow'] },
  ],
  [
    'glaze violet, shadows, drawn down',
    { technique: 'placedGlaze', mix: '1 violet', tone: ['pit', 'shadow'], pull: 'down' },
  ],
  [
    'glaze violet ×3, strokes towards the point',
    { technique: 'placedGlaze', mix: '1 violet', coats: 3, pull: 'up' },
  ],
  ['glaze red on the cheeks', { technique: 'placedGlaze', mix: '1 red', spot: 'cheeks' }],
  ['red on the tip of the nose', { mix: '1 red', spot: 'nose' }],
  ['red, facing down', { mix: '1 red', side: 'down' }],
  ['red facing up within 60°', { mix: '1 red', side: 'up' }],
  ['red on the top', { mix: '1 red', side: 'up' }],
  ['red from the left', { mix: '1 red', side: 'left' }],
  ['red away from the light', { mix: '1 red', side: 'dark' }],
  ['bone on the lit side', { mix: '1 bone', side: 'light' }],
  ['wash sepia', { technique: 'allOverWash', mix: '1 sepia' }],
  ['wash sepia all over', { technique: 'allOverWash', mix: '1 sepia', tone: ['pit', 'point'] }],
  ['bog wash neat', { mix: '1 bogwash', thin: [0, 0] }],
  ['wash bog wash', { technique: 'allOverWash', mix: '1 bogwash' }],
  ['recess wash of plum', { technique: 'recessWash', mix: '1 plum' }],
  ['sepia wash, recesses', { technique: 'recessWash', mix: '1 sepia' }],
  ['all-over wash sepia 1:1', { technique: 'allOverWash', mix: '1 sepia', thin: [1, 0] }],
  ['wet blend red and violet', { technique: 'wetBlend', mix: '1 red, 1 violet' }],
  ['damp brush', { technique: 'dampBrush', mix: '' }],
  ['shade umber', { stage: 'shade', mix: '1 umber' }],
  ['detail: eyes white', { stage: 'detail', mix: '1 white', asks: ['eyes'] }],
  ['varnish reedmat', { mix: '1 varnish' }],
  ['bone, soft', { mix: '1 bone', softness: [0.08, 0.18] }],
  ['bone, very soft', { mix: '1 bone', softness: [0.18, 0.3] }],
  ['bone, hard edge', { mix: '1 bone', softness: [0, 0.02] }],
  ['bone, crisp', { mix: '1 bone', softness: [0.02, 0.08] }],
  ['bone, soft edges, mid up', { mix: '1 bone', softness: [0.08, 0.18], tone: ['mid', 'point'] }],
  ['bone, at display', { mix: '1 bone', level: 'display' }],
  ['bone, display only', { mix: '1 bone', level: 'display' }],
  ['bone from table up, 1 coat', { mix: '1 bone', level: 'table', coats: 1 }],
];

/** What is not to be guessed at. */
export const saidUnclearly: Said[] = [
  ['heron 1:1', { asks: ['heron'], thin: [1, 0] }],
  ['dry sand', { asks: ['dry sand'] }],
  ['sand neat', { asks: ['sand'], thin: [0, 0] }],
  ['turquoise 1:1', { asks: ['turquoise'], thin: [1, 0] }],
  ['some ochre, splodge it on', { asks: ['splodge'] }],
  ['line 7 + bone', { asks: ['line 7'] }],
  ['line 4', { asks: ['line 4'] }],
  ['ochre, 40 coats', { mix: '1 ochre', asks: ['40 coats'] }],
  ['ochre 1:90', { mix: '1 ochre', asks: ['1:90'] }],
  ['ochre, 2 coats, 3 coats', { mix: '1 ochre', coats: 2, asks: ['3 coats'] }],
  ['2 3 ochre', { asks: ['2'] }],
  ['rot lasieren 1:8', { asks: ['rot', 'lasieren'], thin: [8, 0] }],
  ['12 34 56', { asks: ['12', '34', '56'] }],
  ['ochre, layer, glaze', { mix: '1 ochre', asks: ['glaze'] }],
  ['not ochre', { asks: ['not'] }],
  ['ochre without umber', { mix: '1 ochre', asks: ['without'] }],
  ['ochre, no coats', { mix: '1 ochre', asks: ['no coats'] }],
  ['as before', { mix: '1 #3' }],
  ['ochre 3 1 umber', { asks: ['3'] }],
  ['ochre, dry', { mix: '1 ochre', asks: ['dry'] }],
];

export const said: Said[] = [...saidOfMixes, ...saidOfPlaces, ...saidUnclearly];
