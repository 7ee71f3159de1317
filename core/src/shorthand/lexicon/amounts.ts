import { numberWords } from '../numberWords';
import { entry, type Entry } from './entry';

const small = [
  'touch',
  'dab',
  'spot',
  'speck',
  'dot',
  'hint',
  'drop',
  'bit',
  'little',
  'smidge',
  'smidgen',
  'smidgeon',
  'tad',
  'splash',
  'dash',
  'pinch',
  'whisper',
  'lick',
  'trace',
  'tiny amount',
  'small amount',
  'tiny bit',
  'little bit',
  'tiny drop',
  'tiny dot',
  'tiny spot',
  'tiny dab',
  'tiny touch',
  'small drop',
  'small touch',
  'small dab',
  'wee bit',
  'small bit',
  'squeeze',
  'suggestion',
  'droplet',
  'blob',
];

export const amounts: readonly Entry[] = [
  ...numberWords.map((word, index) => entry({ kind: 'number', value: index + 1 }, word)),
  ...['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'].map(
    (word, index) => entry({ kind: 'number', value: (index + 2) * 10 }, word),
  ),
  entry({ kind: 'number', value: 15 }, 'fifteen'),
  entry({ kind: 'number', value: 25 }, 'twenty five|twenty-five'),
  entry({ kind: 'number', value: 75 }, 'seventy five|seventy-five'),
  entry({ kind: 'number', value: 2 }, 'a couple|couple|a couple of|couple of|a pair of'),
  entry({ kind: 'fraction', share: 0.5 }, 'half|a half|half a|one half'),
  entry({ kind: 'fraction', share: 1 / 3 }, 'a third|one third|third of|a third of|a third part'),
  entry({ kind: 'fraction', share: 1 / 3 }, 'third', 0.3),
  entry({ kind: 'fraction', share: 2 / 3 }, 'two thirds|two-thirds'),
  entry({ kind: 'fraction', share: 0.25 }, 'quarter|a quarter|one quarter|a quarter of|quarter of'),
  entry({ kind: 'fraction', share: 0.75 }, 'three quarters|three-quarters'),
  entry(
    { kind: 'amount', parts: 0.2 },
    small
      .flatMap((word) => [
        `${word} of`,
        `a ${word} of`,
        `just a ${word} of`,
        `the tiniest ${word} of`,
        `a mere ${word} of`,
        `a ${word}`,
      ])
      .join('|') +
      '|slightly|a little more|a touch more|a little bit more|a bit more|barely any|hardly any|very little|just enough|the smallest amount of|the tiniest bit of',
    1.2,
  ),
  entry(
    { kind: 'amount', parts: 0.5 },
    'some|some of|a fair bit of|a fair amount of|a good bit of',
  ),
  entry(
    { kind: 'amount', parts: 1 },
    'as much|the same amount of|same amount of|an equal amount of|equal amount of',
  ),
  entry({ kind: 'amount', parts: 2 }, 'plenty of|a lot of|lots of|loads of'),
  entry(
    { kind: 'evenly' },
    'half and half|half-and-half|half half|half each|fifty fifty|fifty-fifty|equal parts|equal parts of|equal amounts|equal amounts of|in equal parts|equally|same of each|even mix|even mix of|an even mix of|equal mix of|equal mix',
    1.3,
  ),
  entry(
    { kind: 'unit' },
    'part|parts|parts of|part of|drop|drops|drops of|blob|blobs|brushful|brushfuls|brushfuls of|brush full|dollop|dollops|bit|bits|measure|measures',
  ),
  entry({ kind: 'percent' }, '%|percent|per cent|percent of|% of|pct'),
];
