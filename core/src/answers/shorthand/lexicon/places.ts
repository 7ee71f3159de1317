import { bands, type Band } from '../../../written/place/bands';
import { entry, type Entry, type Meaning } from './entry';

const place = (band: Band): Meaning => ({ kind: 'place', band });

const nouns = 'areas|area|parts|part|bits|bit|places|spots|surfaces|detail|details|points';
const withNouns = (words: string) =>
  words
    .split('|')
    .flatMap((word) => [word, ...nouns.split('|').map((noun) => `${word} ${noun}`)])
    .join('|');

const onlyWithNouns = (words: string) =>
  words
    .split('|')
    .flatMap((word) => nouns.split('|').map((noun) => `${word} ${noun}`))
    .join('|');

/** “The bits that stick out” */
const stickingOut = ['stick', 'stand', 'poke', 'jut', 'pop', 'stuck', 'sit']
  .flatMap((verb) =>
    ['out', 'up', 'proud'].flatMap((way) => [
      `${verb} ${way}`,
      `${verb}s ${way}`,
      `that ${verb} ${way}`,
      `that ${verb}s ${way}`,
    ]),
  )
  .join('|');

export const places: readonly Entry[] = [
  entry(place(bands.mid), 'mid|mids|mid tone|midtone|middle|the middle', 0.8),
  entry(place(bands.mid), 'mid tone|mid tones|mid-tone|mid-tones', 1.1),
  entry(place(bands.raised), 'highs|the highs'),
  entry(place(bands.recess), 'the lows'),
  entry(
    place(bands.deepest),
    `${withNouns('deepest|darkest|very deepest|very darkest')}|deepest recesses|deepest recess|deepest creases|deepest folds|deepest cracks|deepest shadows|darkest shadows|darkest recesses|very bottom of the folds|bottom of the folds|very bottom of the recesses|bottom of the recesses|pit|pits|the pit|deepest hollows|darkest hollows|deepest corners|very deepest recesses|very darkest recesses|deepest gaps|very deepest shadows|depths`,
    1.3,
  ),
  entry(
    place(bands.recess),
    'in the corners|into the corners|inner corners|inside corners|recess|recesses|recessed|recessed areas|recessed parts|recessed bits|recessed detail|crease|creases|crack|cracks|crevice|crevices|gap|gaps|dip|dips|join|joins|joint|joints|seam|seams|hollow|hollows|holes|hole|panel line|panel lines|panel gaps|groove|grooves|overhang|overhangs|overlap|overlaps|pockets|wrinkles|wrinkle|deep bits|deep parts|deep areas|deep fur|lowest parts|lowest bits|low spots|low points|indents|indentations|undercuts|nooks|deeper parts|deeper areas|deeper recesses|deep recesses|deep folds|deep creases|valleys|scratches and dents|between the plates|between the scales|into the folds|in the folds|inside the folds|inside of the folds|between the folds|fold recesses|bottoms of the folds|where the folds meet',
  ),
  entry(
    place(bands.shadow),
    'shadow|shadows|shaded areas|shaded area|shaded parts|shade areas|shadow areas|shadow area|shadow side of the folds|shadowed areas|shadowed parts|dark areas|dark parts|dark bits|darker areas|darker parts|darks|lower areas|lower parts of the folds|lower half of the folds|lower tones|low tones|lows|the lows',
  ),
  entry(
    place(bands.mid),
    'middle tones|middle tone|midtone areas|mid tones|midtones|mid areas|middle areas|the transition|transition|transitions|where light turns to shadow|where light meets shadow|where the light turns to shadow|between light and shadow|edge between light and shadow|where the shadow meets the light|where shadow meets light|between the light and the shadow|halfway up the folds|middle of the folds|half way between',
  ),
  entry(
    place(bands.raised),
    `${withNouns('raised|prominent|upstanding')}|${onlyWithNouns('upper|high|higher|lighter|brighter|taller')}|${stickingOut}|highs|raised folds|fold tops|on the fold tops|on fold tops|tops of the folds|top of the folds|tops of folds|upper half of the folds|upper half of each fold|top half of the folds|top half of each fold|upper folds|high folds|raised ridges|upper ridges|what stands up|everything that stands up|whatever stands up|stands up|what sticks out|everything that sticks out|whatever sticks out|anything that sticks out|sticks out|volumes|volume|ridge|ridges|high spots|high points|highlights|highlight areas|lights|bumps|lumps|tops of the folds|top of the folds|top of each fold|tops of folds|tops of the ridges|fold tops|crests|crest|upper surfaces of the folds|bulges|raised textures|raised texture|the light areas|light areas|bright areas|brighter areas|upper half of the folds|on the folds|peaks of the folds`,
  ),
  entry(
    place(bands.crown),
    'crown|crowns|peaks|peak|highest folds|highest areas|highest parts|highest bits|tallest folds|uppermost folds|uppermost parts|uppermost areas',
  ),
  entry(
    place(bands.edge),
    'edge|edges|every edge|all edges|hard edges|hard edge|raised edges|raised edge|rim|rims|corner|corners|upper edges|upper edge|outer edge|outer edges|outside edges|outside edge|upper rims|edges of the plates|lip of the armour|panel edges|plate edges',
  ),
  entry(
    place(bands.tip),
    'tip|tips|very tips|very tip|top edge|top edges|topmost edges|uppermost edges|sharpest corners|sharpest corner|sharpest edges|sharpest points|sharpest bits|sharp corners|sharp points|outermost|outermost edges|outermost points|very highest|very highest points|highest points|highest point|extreme edges|extremities|most extreme points|very edges|very edge|very top edges|very corners|points|upper corners|topmost points|very top of the folds|sharpest|very points',
    1.2,
  ),
  // “Folds” alone follow the colour and the verb.
  entry({ kind: 'fold' }, 'fold|folds'),
  entry(
    { kind: 'all' },
    'everywhere|everything|the whole thing|whole thing|whole model|whole figure|whole surface|entire model|entire surface|entire thing|all over|all over it|over everything|over all of it|all of it|the lot|over the lot|whole lot|over all|the whole lot|all across|whole area|entire area|all the cloth|all the leather|all the skin|all the metal|all the armour|all the fur|all the wood|all the bone|all the hair|whole cloak|whole coat|whole piece|head to toe|top to bottom|cover it all|covering everything|solid|until solid|fully covered|full coverage|overall|completely|every bit of it|every surface|all surfaces|the rest|the rest in|rest in|rest with|everything else|everywhere else|all the rest|blanket',
  ),
  entry(
    { kind: 'shareEnd', end: 'top' },
    'top|upper|brightest|lightest|highest|uppermost|topmost|last',
    0.5,
  ),
  entry({ kind: 'shareEnd', end: 'bottom' }, 'bottom|lower|darkest|deepest|lowest', 0.7),
];
