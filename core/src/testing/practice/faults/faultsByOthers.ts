import type { PracticeFault } from './practiceFault';

/** Faults written in without a look at the rules. */
export const faultsByOthers: PracticeFault[] = [
  {
    fault: 'one thin coat of violet over black',
    in: 'violet cloak lit with pink',
    put: { 1: 'base brushCoat ×1 | 1 pink : 1 water' },
    without: [2, 3],
    rule: 'doesNotCover',
  },
  {
    fault: 'yellow armour shaded with black',
    in: 'yellow from white by orange glazes',
    put: { 4: 'shade recessWash ×2 | 1 blackwash' },
    without: [2, 3],
    rule: 'shadeKillsHue',
  },
  {
    fault: 'lit with white alone',
    in: 'green cape, red in the shade',
    put: {
      3: 'highlight layer ×2 | 1 white : 1 water | 0.55–1 soft 0.15 up',
      4: 'highlight layer ×2 | 1 white : 1 water | 0.7–1 soft 0.12 up',
      5: 'highlight edgeLine ×1 | 1 white : 1 water',
    },
    rule: 'washedOut',
  },
  {
    fault: 'a neat wash over it all at the end',
    in: 'violet cloak lit with pink',
    put: { 6: 'shade allOverWash ×1 | 1 blackwash' },
    rule: 'washOverFinished',
  },
  {
    // Unsaid, nobody can tell it from a grey that began in black.
    fault: 'black whose lights grew',
    more: { meantAs: '#222427' },
    in: 'glossy black boots',
    put: {
      2: 'highlight layer ×2 | 1 slate : 1 water | 0.35–1 soft 0.1 up',
      3: 'highlight layer ×2 | 1 midgrey : 1 water | 0.5–1 soft 0.1 up',
    },
    rule: 'identity',
  },
  {
    fault: 'matt varnish over the brass',
    in: 'brass with verdigris',
    after: { 5: 'finish brushCoat ×1 | 1 matt' },
    rule: 'metallicDulled',
  },
  {
    fault: 'steel stirred into slate',
    in: 'slate cloak in four translucent lights',
    put: { 2: 'layer layer ×2 | 3 slate + 1 steel : 1 water | 0.4–1 soft 0.2 up' },
    rule: 'metalInMatt',
  },
  {
    fault: 'white dragged over black fur',
    in: 'slate cloak in four translucent lights',
    put: { 5: 'highlight dryBrush ×2 | 1 white | 0.5–1 soft 0.1 up' },
    without: [3, 4, 6],
    rule: 'chalkyDryBrush',
  },
  {
    fault: 'a base coat of seven waters',
    in: 'scuffed dark leather',
    put: { 1: 'base brushCoat ×2 | 1 peat : 7 water' },
    rule: 'tooThin',
  },
  {
    fault: 'nine coats where two do',
    in: 'green cape, red in the shade',
    put: { 1: 'base brushCoat ×9 | 1 green : 0.5 water' },
    rule: 'coatsWasted',
  },
  {
    fault: 'a glaze of neat paint',
    in: 'skin in twelve thin tints',
    put: { 2: 'shade placedGlaze ×1 | 1 knuckle | 0–0.45 soft 0.25 down' },
    rule: 'opaqueGlaze',
  },
  {
    fault: 'gloss, then mud',
    in: 'muddy hem',
    after: { 3: 'finish brushCoat ×1 | 1 gloss' },
    put: { 4: 'highlight layer ×1 | 1 sky : 0.5 water | 0.6–1 soft 0.1 up' },
    rule: 'overVarnish',
  },
  {
    fault: 'a hard white edge in the middle of the cloak',
    in: 'violet cloak lit with pink',
    put: { 4: 'highlight layer ×3 | 1 brow : 0.5 water | 0.6–1 soft 0 up' },
    without: [5, 6],
    rule: 'starkJump',
  },
  {
    fault: 'the mid painted again over all of it',
    in: 'mossy stone',
    after: { 4: 'layer brushCoat ×3 | 1 midgrey : 0.5 water' },
    rule: 'coveredLater',
  },
  {
    fault: 'painted on after one minute',
    in: 'ice, deep blue to white',
    put: { 2: 'shade allOverWash ×1 | 1 blueink : 3 medium dry 1' },
    rule: 'skippedDrying',
  },
  {
    fault: 'ruby on the wrong pot',
    in: 'ruby, light below',
    put: { 3: 'layer layer ×2 | 1 driedup : 1 water | 0.1–0.55 soft 0.2 down' },
    rule: 'potGone',
  },
  {
    fault: 'navy where the light falls',
    in: 'pale dress, translucent pinks',
    put: { 4: 'highlight layer ×3 | 1 navy : 0.5 water | 0.6–1 soft 0.2 up' },
    rule: 'darkUpward',
  },
  {
    fault: 'one-coat red on black',
    in: 'green cape, red in the shade',
    ground: 'soot',
    put: { 1: 'base oneCoat ×1 | 1 redink' },
    without: [2],
    rule: 'oneCoatGround',
  },
  {
    fault: 'a thick filter over pale points',
    in: 'yellow from white by orange glazes',
    after: { 6: 'glaze filter ×4 | 1 brownwash' },
    rule: 'filterOverPoints',
  },
  {
    fault: 'lights of the same slate',
    in: 'slate cloak in four translucent lights',
    put: { 3: 'layer layer ×2 | 1 slate : 0.5 water | 0.6–1 soft 0.15 up' },
    without: [2, 4, 5, 6],
    rule: 'unseenStep',
  },
];
