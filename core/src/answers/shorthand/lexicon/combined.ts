import type { AimSide } from '../../../written/place/aim';
import { bands, type Band } from '../../../written/place/bands';
import { entry, type Entry } from './entry';

/** Every phrase of one word of each list, in order; an empty one stands for none. */
const combined = (...lists: readonly string[]): string =>
  lists
    .map((list) => list.split('|'))
    .reduce(
      (phrases, words) =>
        phrases.flatMap((phrase) => words.map((word) => [phrase, word].filter(Boolean).join(' '))),
      [''],
    )
    .join('|');

const nouns =
  'areas|area|parts|part|bits|bit|places|place|spots|spot|surfaces|surface|sections|regions|stuff|zones|patches|details|detail';
const things =
  'model|figure|mini|miniature|thing|surface|area|piece|cloak|coat|body|garment|tunic|robe|cape|panel|shield|blade|sword|helmet|head|face|arm|leg|base|vehicle|tank|part|garments|cloth|fabric|leather|skin|metal|armour|fur|wood|bone|hair|shirt|trousers|banner|gem';

const band = (where: Band, phrases: string, weight = 1): Entry =>
  entry({ kind: 'place', band: where }, phrases, weight);

const intensifiers =
  'very|really|extra|quite a lot|a lot|heavily|highly|strongly|well|proper|properly|massively|right';
const extremely = 'super|extremely|incredibly|ultra|insanely|crazy|stupidly|ridiculously|mega';
const watery =
  'thin|thinned|thinned down|diluted|watered|watered down|watery|runny|dilute|transparent|translucent|sheer';

/** Phrases that are put together from few words, so that none of them is forgotten. */
export const combinedPhrases: readonly Entry[] = [
  entry(
    { kind: 'all' },
    combined(
      'whole|entire|complete|full|all the|all of the|all over the|all across the|whole of the|over the whole|over the entire|over all the|across the whole',
      things,
    ),
  ),
  band(
    bands.recess,
    combined(
      'deep|deeper|low|lower lying|low lying|sunken|inset|inner|hollow|hidden|recessed|undercut',
      nouns,
    ),
  ),
  band(bands.shadow, combined('dark|darker|lower|shadow|shadowed|shaded|shady|shadowy|dim', nouns)),
  band(
    bands.shadow,
    combined('edge of the|edges of the|start of the|rest of the', 'shadow|shadows'),
    1.3,
  ),
  band(
    bands.deepest,
    combined(
      'deepest|darkest|very deepest|very darkest|lowest|blackest',
      `${nouns}|corners|point|points|shadows|recesses|folds|creases|hollows|gaps|crevices|cracks`,
    ),
    1.2,
  ),
  band(
    bands.raised,
    combined(
      'high|higher|raised|upper|upraised|prominent|protruding|lit up|bright|brighter|light|lighter|exposed|outer|highlight|highlighted',
      nouns,
    ),
  ),
  band(bands.crown, combined('highest|tallest|uppermost|most raised|most prominent', nouns)),
  band(
    bands.tip,
    combined(
      'sharpest|brightest|lightest|very brightest|very highest|most extreme|outermost|hottest|very sharpest|topmost',
      `${nouns}|point|points|edges|edge|corners|corner|tips|tip`,
    ),
    1.3,
  ),
  band(bands.tip, 'hot spot|hot spots|hotspot|hotspots|hottest point|point of the tip|tippy tips'),
  entry({ kind: 'thin', water: 4 }, combined(intensifiers, watery), 1),
  entry({ kind: 'thin', water: 10 }, combined(extremely, watery), 1.1),
  entry(
    { kind: 'thin', water: 1 },
    combined(
      'fairly|quite|rather|slightly|reasonably|pretty|moderately|somewhat|a bit|a little',
      watery,
    ),
    1,
  ),
  entry({ kind: 'thin', water: 1.5 }, 'diluted|dilute|translucent|transparent', 0.9),
  entry(
    { kind: 'thin', water: 4 },
    combined('water|thin|watered|thinned', 'it|that|this|them', 'right|way|well|a lot|', 'down'),
    1.2,
  ),
  entry(
    { kind: 'side', side: 'light' },
    combined(
      'facing the|towards the|toward the|nearest the|closest to the|near the|side facing the|side towards the|turned to the|turned towards the',
      'light|sun|lamp|lantern|moon|glow|fire|flame|torch|candle|light source|window',
    ),
    1.3,
  ),
  entry(
    { kind: 'side', side: 'dark' },
    combined(
      '|side|the side',
      'away from the|facing away from the|furthest from the|farthest from the|far from the|turned away from the|hidden from the',
      'light|sun|lamp|lantern|moon|glow|fire|flame|torch|candle|light source|window',
    ),
    1.3,
  ),
  ...towards('up', 'sky|ceiling|clouds'),
  ...towards('down', 'floor|ground|earth|feet|base'),
  ...towards('front', 'viewer|front|camera'),
  entry(
    { kind: 'side', side: 'dark' },
    combined(
      'everything|anything|whatever|what|all the bits|the bits|the parts|the areas',
      'that is not lit|that isnt lit|that arent lit|that are not lit|is not lit|isnt lit|not lit|the light does not reach|the light doesnt reach|that gets no light|that get no light|in shade|out of the light',
    ),
    1.4,
  ),
  ...facing(
    'up',
    'upper|upturned|upward|upward turned|upward facing|upwards facing|upward-facing|top|topmost|sky facing|upper facing|horizontal|flat top',
  ),
  ...facing(
    'down',
    'downturned|downward|downward facing|downwards facing|downward-facing|bottom|under|lower facing|overhanging',
  ),
  ...facing('left', 'left|left hand|left-hand|left facing|left-facing'),
  ...facing('right', 'right hand|right-hand|right facing|right-facing'),
  ...facing('front', 'front|forward|front facing|forward facing|front-facing'),
  ...facing('back', 'rear|back facing|rear facing|backward facing'),
  ...facing(
    'light',
    'lit|light facing|light-facing|illuminated|sunlit|sunny|lamplit|bright lit|lightward',
  ),
  ...facing('dark', 'unlit|shadow|shade|far|dark'),
  entry(
    { kind: 'technique', technique: 'lineWork', word: 'lines' },
    combined(
      'lines|little lines|fine lines|thin lines|tiny lines|short lines|long lines|strokes|little strokes|fine strokes|tiny strokes',
      'along|down|across|over|following|running|up',
    ),
    1.1,
  ),
  entry(
    { kind: 'soft', softness: 0.25 },
    combined(
      'fading|fade|fading out|faded|blending|blended|softening|melting',
      'to the|into the|towards the|out to the|off to the|away to the',
      'edges|edge|sides|side|outside|rest|base|base colour|shadows|recesses|bottom|top|mid tone',
    ),
    1.5,
  ),
  entry(
    { kind: 'side', side: 'light' },
    combined(
      'anything|everything|whatever|what|all',
      'that|which|',
      'would|might|could|will|',
      'catch|catches|get|gets|see|sees',
      'the|any|some|',
      'light|sun|glow',
    ),
    1.4,
  ),
  entry(
    { kind: 'side', side: 'light' },
    combined('light|sun|lamp|lantern|glow|fire|flame|torch|candle|window', 'side'),
    1.3,
  ),
  // As it is scribbled on a card.
  ...scribbled(),
];

/** “Whatever faces the floor”. */
function towards(side: AimSide, what: string): Entry[] {
  return [
    entry(
      { kind: 'side', side },
      combined(
        '|whatever|everything that|anything that|all that|what',
        'faces|facing|face|points at|looks at|turned to|turned towards',
        'the',
        what,
      ),
      1.3,
    ),
  ];
}

function facing(side: AimSide, words: string): Entry[] {
  return [
    entry(
      { kind: 'side', side },
      combined(words, 'faces|face|facets|planes|plane|sides|surfaces|surface'),
      1.15,
    ),
  ];
}

function scribbled(): Entry[] {
  const way = (
    technique:
      'placedGlaze' | 'dryBrush' | 'brushCoat' | 'recessWash' | 'stipple' | 'lining' | 'edgeLine',
    phrases: string,
  ): Entry[] =>
    phrases.split('|').map((word) =>
      entry(
        {
          kind: 'technique',
          technique,
          word,
          ...(technique === 'brushCoat' && { stage: 'base' as const }),
        },
        word,
        1.1,
      ),
    );
  return [
    ...way('placedGlaze', 'glz|glze|gl'),
    ...way('dryBrush', 'drybr|dbr|d/b|drybrsh|d brush|dry b'),
    ...way('brushCoat', 'bc|b/c|basec'),
    ...way('recessWash', 'pw|pin w'),
    ...way('stipple', 'tap|tapped|tapping|tap on|prod|dabs|dotting on|poke|jab'),
    ...way('lining', 'ink in the lines|ink in|line in|inked in|black in'),
    ...way('edgeLine', 'eh|edge hl|edge h/l|edge hi|edge hilite|edge highlite'),
    entry({ kind: 'stage', stage: 'highlight' }, 'hl|h/l|hilite|hilight|highlite|hi light'),
    entry({ kind: 'stage', stage: 'highlight' }, 'i highlight|we highlight|then highlight'),
    band(bands.recess, 'rec|recs|recessess|reccesses'),
    band(bands.shadow, 'shad|shads|shdw|shadws'),
    entry({ kind: 'medium' }, 'med'),
    entry({ kind: 'water' }, 'wtr|h2o'),
    entry({ kind: 'then' }, '>|>>'),
    entry(
      { kind: 'side', side: 'left' },
      'from the upper left|from upper left|from the top left|from above left|upper left side',
    ),
    entry(
      { kind: 'side', side: 'right' },
      'from the upper right|from upper right|from the top right|from above right|upper right side',
    ),
    entry(
      { kind: 'quiet' },
      "it'll|it will|it'd|i think|i reckon|i guess|let her|let him|let them|i make|i do|i put|i use|i go|one goes",
      1.2,
    ),
  ];
}
