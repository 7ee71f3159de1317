import { sideNames, sideWords } from '../../../written/place/aim';
import { toneStops } from '../../../written/place/toneAxis';
import type { Consistency } from '../../../predicted/paint/consistency';
import { meanings, meaningWord } from '../../../written/technique/meaning';
import { finishLevels, stages } from '../../../written/recipe/step';
import { techniqueNames, techniqueOf } from '../../../written/technique/techniques';
import type { Kind } from './kinds';
import { numberWords } from '../numberWords';
import { everywhereSaid, sidesSaid, stopsSaid } from './placePhrases';
import { toolPhrases } from './toolPhrases';
import { wordsOf, type Word } from '../words';

/** A phrase with what it means; what `value` is follows from its kind. */
export interface Phrase {
  kind: Kind;
  value?: unknown;
  /** it stands for a figure that nobody said */
  isRough?: boolean;
}

type Entry = [kind: Kind, phrases: readonly string[] | string, value?: unknown, isRough?: boolean];

const consistencySaid: Record<Consistency['name'], string> = {
  stiff: 'stiff',
  smooth: 'smooth|cream|like cream',
  loose: 'loose|milk|like milk|milky|consistency of milk|as milk',
  runny:
    'runny|skimmed milk|like skimmed milk|like ink|ink consistency|consistency of ink|thin as ink|as thin as ink',
  'tinted water': 'tinted water|dirty water|like dirty water',
};

const entries: Entry[] = [
  ...numberWords.map((word, index): Entry => ['number', word, index + 1]),
  ['number', 'a couple of|couple of|a pair of', 2],
  ['amount', 'half|a half|half a part of|half as much', 0.5],
  ['amount', 'third|a third|one third|a third of', 1 / 3],
  ['amount', 'two thirds', 2 / 3],
  ['amount', 'quarter|a quarter|one quarter|a quarter of', 0.25],
  ['amount', 'twice as much|twice the amount of', 2],
  ['amount', 'three times as much|three times the amount of', 3],
  ['amount', 'as much|equal|the same amount of|same amount of|an equal amount of', 1],
  ['equally', 'equal parts|equal parts of|equal amounts|equal amounts of|same parts of'],
  [
    'amount',
    'a bit|a bit of|a little|a little of|a touch|a touch of|a dab|a dab of|little bit of|a little bit of|a tiny bit of|just a bit of|just a touch of|a hint|a hint of|just a hint of|hint of|a small amount of|a tiny amount of|a splash of|a dash of|a speck of|a drop|a drop of|just a drop of|slightly',
    0.25,
    true,
  ],
  [
    'evenly',
    'half and half|half-and-half|half half|fifty fifty|fifty-fifty|in equal parts|in equal amounts|half each',
    [1, 1],
  ],
  [
    'line',
    'line above|the line above|as above|same as above|the mix|this mix|last mix|the last mix|previous mix|the previous mix|mix above|the mix above|same again|same mix|the same mix|as before|last line|the last line|previous line',
  ],
  ['water', 'water'],
  ['medium', 'medium|mediums|glaze medium|thinning medium'],
  ['paint', 'paint'],
  ['parts', 'part|parts|drop|drops|blob|blobs|brushful|brushfuls'],
  ['percent', '%|percent|per cent|% of|percent of'],
  [
    'plus',
    '+|plus|add|added|added in|adding|lighten|lighten it|lighten with|lighten it with|brighten with|brighten it with|darken|darken it|darken with|darken it with',
  ],
  ['and', 'and|&|und'],
  [
    'with',
    'with|cut with|added to|mixed into|stirred into|thinned|thinned with|thinned to|thin with|thin down with|thin to|watered down to|thinned down|mixed with|diluted|diluted with|darkened with|lightened with|brightened with|warmed with|cooled with|tinted with|shaded with|muted with|greyed with|broken with|toned down with',
  ],
  [
    'of',
    'of|the mix of|mix of|mix from|the mix from|same mix as|the same mix as|mix as|mixed from|taken from',
  ],
  ['comma', ',|;|.|/|!'],
  ['bracket', '(|)|[|]'],
  ['colon', ':'],
  ['to', 'to|towards|until|up to'],
  ['or', 'or'],
  ['dash', '-|–|—'],
  ['times', '×|x|*'],
  [
    'coats',
    'coat|coats|a coat|coat of|a coat of|another coat|another coat of|pass|passes|a pass|pass of|a pass of|another pass|another pass of|times|layers of it',
  ],
  ['like', 'same as|the same as|exactly as|as in|repeat|as|just as|like'],
  ['often', 'once', 1],
  ['often', 'twice', 2],
  ['often', 'thrice', 3],
  [
    'even',
    'until even|until it is even|until solid|until it is solid|until it covers|till even|until opaque|until covered|until it is covered|as many coats as it takes|as many coats as needed|as many as it takes|as many as needed',
  ],
  ...stages.map((name): Entry => ['stage', name, name]),
  // “Layer” and “glaze” are ways of painting first, and stages before a colon.
  ...techniqueNames.map((name): Entry => ['technique', techniqueOf(name).saidAs, name]),
  ['stage', 'highlights|highlighted|highlighting', 'highlight'],
  ['stage', 'primed|priming', 'prime'],
  ['stage', 'shaded|shading|shades', 'shade'],
  ['stage', 'details', 'detail'],
  ['stage', 'seal|sealed|sealing|seal with|seal it with|protect|protect with', 'finish'],
  ...toneStops.map(({ name }): Entry => ['stop', stopsSaid(name), name]),
  ['up', 'above|higher than|up|upwards|and up|and above|and higher|upward'],
  ['down', 'below|lower than|down|downwards|and down|and below|and lower|downward'],
  ['only', 'only|alone'],
  ['from', 'from|between'],
  ['everywhere', everywhereSaid],
  ['tone', 'tone'],
  ['along', 'along'],
  ['height', 'height'],
  ...sideNames.map((side): Entry => [
    'side',
    [...sidesSaid(side), `facing ${sideWords(side).label}`, `facing ${side}`],
    side,
  ]),
  ['anySide', 'facing any side|whatever it faces'],
  ['within', 'within'],
  ['degrees', '°|degrees|degree'],
  ['smaller', 'each coat smaller, the last|each coat smaller to'],
  ['softness', 'hard|hard edge|hard edges|hard ends|sharp|sharp edge|sharp edges', 0],
  ['softness', 'crisp|crisp edge|crisp edges|crisp ends', 0.05],
  [
    'softness',
    'soft|soft transition|soft transitions|soft blend|soft edge|soft edges|soft ends|softly|softened|feathered out',
    0.12,
  ],
  ['softness', 'very soft|very soft edges|very softly|very soft ends', 0.24],
  ['softness', 'melting|melting edges', 0.35],
  [
    'pull',
    'drawn up|pulled up|strokes up|strokes upwards|towards the point|strokes towards the point|strokes finish towards the point|drawn towards the light',
    'up',
  ],
  [
    'pull',
    'drawn down|pulled down|strokes down|strokes downwards|towards the pit|strokes towards the pit|strokes finish towards the pit|drawn into the shadows',
    'down',
  ],
  ['pull', 'even strokes|evenly|strokes even', 'even'],
  ...finishLevels.map((level): Entry => [
    'level',
    [level, `${level} level`, `${level} finish`],
    level,
  ]),
  ['at', 'at'],
  [
    'dry',
    'dry|drying|dry for|wait|wait for|dries|dry time|drying time|dries in|dries for|let dry for|let it dry for|leave it for|left to dry for|leave to dry for|leave it to dry for|allow to dry for|give it|let it sit|let it sit for',
  ],
  [
    'dry',
    'let dry|dry completely|dry fully|left to dry|let it dry|let dry completely|let it dry completely|let dry fully|allow to dry|allow it to dry|leave to dry|leave it to dry|wait until dry|wait until it is dry|once dry|when dry',
    'as long as its film takes',
    true,
  ],
  ['minutes', 'min|mins|minute|minutes'],
  ['hours', 'h|hour|hours'],
  [
    'neat',
    'neat|straight|straight from the pot|from the pot|undiluted|unthinned|as it comes|pure|straight from the bottle|from the bottle|out of the pot|out of the bottle|straight out of the pot|straight out of the bottle',
  ],
  ...Object.entries(consistencySaid).map(([name, phrases]): Entry => [
    'consistency',
    phrases,
    name,
  ]),
  ['more', 'more'],
  ['again', 'again'],
  [
    'not',
    "not|no|without|never|except|but not|don't|leave out|omit|instead of|avoid|avoiding|isn't|leave|leaving|keep|keeping|everywhere but|everywhere except|all over but|everything but|everything except",
  ],
  ['asItIs', 'dark|untouched|showing|as they are|as it is|free'],
  [
    'vaguely',
    'thick|thinner|thicker|heavy|heavily|light|lightly|on top|smooth transition|smooth transitions|smooth blend|lots|lots of|a lot of|plenty of|much|enough|a fair bit of',
  ],
  ['some', 'some'],
  ['then', 'then|afterwards|after that|followed by'],
  ['another', 'another'],
  [
    'farThin',
    'very thin|really thin|extra thin|super thin|thinned right down|heavily thinned|well thinned|watered down|well watered down|thinned out|thinned to a wash|wash consistency|like a wash|to a wash',
  ],
  ['thinly', 'thin|thinly', 'thinned as is usual for it', true],
  ['potWord', 'varnish|primer|ink'],
  ['ordinal', 'first|second|third|fourth|final|last|next|1st|2nd|3rd|4th|5th|main|fine'],
  ...meanings.map((name): Entry => ['meaning', `it ${meaningWord(name)}`, name]),
  ['density', 'density'],
  ...toolPhrases.map(({ phrases, tool }): Entry => ['tool', phrases, tool]),
  ['out', 'left out|switched out'],
  ['repairs', 'repairs'],
  ['note', 'note'],
  [
    'join',
    'consistency|start with|finish off with|mix|pick out|tidy up|touch up|go over|block in|apply|the|a|an|on|in|into|onto|over|it|this|for|by|is|its|them|where|using|use|paint on|goes|put|go|around|across|all|parts of it|now|just|also|but|each|every|please|carefully|neatly|gently|finally|lastly|so|about|roughly|approximately|my|your|we|i|i use|take|start from|starting from|starting with|cover|covering|fill|fill in|filling|do|give|back over|back to|back up|back up to|back onto|back in|mixed in|mixed together|mixed|stirred in|that|build up|building up',
  ],
];

/** Words as they are looked up. */
export const keyOf = (words: readonly Word[]): string => words.map(({ text }) => text).join(' ');

/** Every phrase we know by its words. */
export const vocabulary: ReadonlyMap<string, Phrase> = new Map(
  entries.flatMap(([kind, phrases, value, isRough]) =>
    (typeof phrases === 'string' ? phrases.split('|') : phrases).map((phrase): [string, Phrase] => [
      keyOf(wordsOf(phrase)),
      { kind, ...(value !== undefined && { value }), ...(isRough && { isRough }) },
    ]),
  ),
);

/** Words in the longest of them. */
export const longestPhrase = Math.max(
  ...[...vocabulary.keys()].map((phrase) => phrase.split(' ').length),
);

const ours = [...vocabulary.keys()].filter((phrase) => /^\p{L}+$/u.test(phrase));

/** Whether a word may be one of ours that is not written out. @example beginsOurs('wat') // → true */
export const beginsOurs = (word: string): boolean => ours.some((each) => each.startsWith(word));
